#include <stdio.h>

#define PUMPS 4⟪;⟶⟫

typedef struct pump {
    int id;
    float litres;
    int running;
} Pump;

void start(Pump *p) {
    if (⟪p.running⟶p->running⟫) {
        printf("%d runs\n", p->id);
        return;
    }
    p->running = 1;
}

float total(Pump pumps[⟪⟶]⟫, int n) {
    float sum = 0.0;
    int i;
    for (i = 0; i < n; i++) {
        if (pumps[i].running)
            sum += pumps[i].litres;
    ⟪⟶}⟫
    return sum;
}

int busiest(Pump *pumps, int n) {
    int best = 0, i;
    for (i = 1; i < n; ⟪i+⟶i++⟫)
        if (pumps[i].litres > pumps[best].litres)
            best = i;
    return ⟪pumps[best].Id⟶pumps[best].id⟫;
}

int main(void) {
    Pump pumps[PUMPS] = { { 1, 40.0, 0 }, { 2, 35.5, 0 }, { 3, 60.0, 0 }, { 4, 12.0, 0 } };
    ⟪start(pumps[0])⟶start(&pumps[0])⟶start(pumps)⟫;
    start(&pumps[2]);
    printf("%.1f litres\n"⟪⟶,⟫ total(pumps, PUMPS));
    printf("busiest %d\n", busiest(pumps, PUMPS)⟪⟶)⟫;
    ⟪Return⟶return⟫ 0;
}
