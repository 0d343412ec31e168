#include <stdio.h>
#include <string.h>

#define COUNT 3

typedef struct buoy {
    char name[12];
    double lat, lon;
    int lit;
} Buoy;

int find(Buoy *set, const char *name) {
    for (int i = 0; i < COUNT; i++) {
        if (strcmp(set[i].name, name) == 0) {
            return i⟪⟶;⟫
        }
    }
    return -1;
}

void light(Buoy *b) {
    b⟪.⟶->⟫lit = 1;
}

double span(Buoy set[]) {
    double low = set[0].lat, high = set[0].lat;
    for (int i = 1; i < COUNT; i++) {
        if (set[i].lat < low) low = set[i].lat;
        ⟪elif⟶else if⟫ (set[i].lat > high) high = set[i].lat;
    }
    return high - low;
}

int main(void) {
    Buoy set[COUNT] = {
        {"mole", 53.5, 8.5, 0},
        {"bar", 53.6, 8.4, 0}⟪⟶,⟫
        {"fair", 53.8, 8.1, 1}
    };
    int i = find(set⟪.⟶,⟫ "bar");
    if (i >= 0) {
        light(⟪set[i]⟶&set[i]⟫);
    }
    printf("span %.2f, lit %d\n", span(set), set[1].⟪Lit⟶lit⟫);
    return 0;
}
