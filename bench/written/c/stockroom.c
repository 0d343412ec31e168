#include <stdio.h>
#include <string.h>

#define MAX 10

struct item {
    char code[6];
    int count;
    double price;
}⟪⟶;⟫

static struct item items[MAX];
static int used = 0;

void add(char *code, int count, double price) {
    if (used == MAX) return⟪⟶;⟫
    strncpy(items[used].code, code, 5);
    items[used].count = count;
    items[used].price = price;
    used++;
}

struct item *find(const char *code) {
    for (int i = 0; i < used; i++) {
        if (strcmp(items[i].code, code) == 0) {
            return ⟪items[i]⟶&items[i]⟶≡items + i⟫;
        }
    }
    return NULL;
}

double worth(void) {
    double sum = 0.0;
    for (int i = 0; i < used; ⟪i+⟶i++⟫) {
        sum += items[i].count * items[i].price;
    }
    return sum;
}

int main(void) {
    add("rope", 4, 2.5);
    add("nail", ⟪200 0.02⟶200, 0.02⟫);
    struct item *it = find("rope");
    if (it != ⟪null⟶NULL⟫) {
        printf("%s %d\n", it->code, it⟪.⟶->⟫count);
    }
    printf("%.2f\n", worth());
}
