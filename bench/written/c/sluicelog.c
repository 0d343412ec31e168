#include <stdio.h>
#include <stdlib.h>
⟪⟶#include <string.h>⟫

#define GATES 4

typedef struct {
    char name[12];
    double level;
    int open;
} Gate⟪⟶;⟫

void set(Gate *gate, const char *name, double level) {
    ⟪gate->name = name⟶strcpy(gate->name, name)⟶strncpy(gate->name, name, sizeof gate->name - 1)⟫;
    gate⟪.⟶->⟫level = level;
    gate->open = 0;
}

int count_open(Gate gates[], int n) {
    int count = 0;
    for (int i = 0⟪,⟶;⟫ i < n; i++)
        if (gates[i].open)
            count++;
    return count;
}

double mean(Gate *gates, int n) {
    double sum;
    for (sum = 0, n--; n >= 0; n--) {
        sum += gates[n].level;
    ⟪⟶}⟫
    return sum / GATES;
}

int main(void) {
    Gate gates[GATES];
    char *names[] = {"north", "east", "south", "west"};
    for (int i = 0; i < GATES; i++) {
        set(⟪gates[i]⟶&gates[i]⟶gates + i⟫, names[i], 1.5 * i);
    }
    gates[2].open = 1;
    printf("%d open\n", count_open(gates, GATES));
    printf("mean %.2f\n", mean(gates⟪ ⟶, ⟫GATES));
    if (strcmp(gates[0].name, ⟪'north'⟶"north"⟫) == 0)
        printf("north first\n");
    return 0;
}
