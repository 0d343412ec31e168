#include <stdio.h>

#define COUNT 3

typedef struct {
    char *name;
    double rate;
    int running;
} pump_t;

double total_rate(pump_t pumps[], int n) {
    double total = 0;
    int i;
    for (i = 0; i < n; i++)
        if (pumps[i].running)
            total += pumps[i].⟪Rate⟶rate⟫;
    return total;
}

void stop(pump_t *pump) {
    pump->running = 0;
    printf("%s stopped\n", pump->name⟪⟶)⟫;
}

int main(void) {
    pump_t pumps[COUNT] = {
        {"bow", 12.5, 1}⟪⟶,⟫
        {"mid", 8.0, 0},
        {"stern", 10.25, 1},
    };
    double before = total_rate(pumps, COUNT);
    stop(⟪⟶&⟫pumps[0]);
    double after = total_rate(pumps⟪ ⟶, ⟫COUNT);
    printf("%.2f then %.2f\n", before, after);
}
