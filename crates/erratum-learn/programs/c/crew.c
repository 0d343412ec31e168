#include <stdio.h>
#include <string.h>

#define CREW 4

struct sailor {
    char name[16];
    int hours;
    double wage;
};

/* Sorts the crew by the hours they worked. */
void sort_crew(struct sailor crew[], int count) {
    for (int i = 0; i < count - 1; i++) {
        for (int j = 0; j < count - 1 - i; j++) {
            if (crew[j].hours < crew[j + 1].hours) {
                struct sailor other = crew[j];
                crew[j] = crew[j + 1];
                crew[j + 1] = other;
            }
        }
    }
}

double pay(const struct sailor *one) {
    double amount = one->hours * one->wage;
    if (one->hours > 40) {
        amount = amount + (one->hours - 40) * one->wage * 0.5;
    }
    return amount;
}

int main(void) {
    struct sailor crew[CREW] = {
        {"Ada", 38, 14.5}, {"Bo", 44, 13.0}, {"Cleo", 41, 15.2}, {"Dov", 29, 12.8},
    };
    char longest[16] = "";
    sort_crew(crew, CREW);
    for (int i = 0; i < CREW; i++) {
        printf("%-8s %3d hours %8.2f\n", crew[i].name, crew[i].hours, pay(&crew[i]));
        if (strlen(crew[i].name) > strlen(longest)) {
            strcpy(longest, crew[i].name);
        }
    }
    printf("longest name: %s\n", longest);
    return 0;
}
