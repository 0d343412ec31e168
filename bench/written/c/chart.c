#include <stdio.h>

typedef struct {
    float depth;
    int buoy;
} Sounding;

int deepest(const Sounding list[], int n) {
    int best = 0;
    for (int i = 1; i < n; i++⟪⟶)⟫ {
        if (list[i].depth > list[best].depth)
            best = i;
    }
    return best;
}

void show(const Sounding ⟪one⟶*one⟫) {
    printf("buoy %d: %.1f m\n", one->buoy, one->depth);
}

float mean(const Sounding list[], int n) {
    float sum = 0;
    int i = 0;
    while (i < n) {
        sum += list[i].⟪Depth⟶depth⟫;
        i++;
    }
    return sum / n;
}

int main(void) {
    Sounding list[] = {{4.5, 3}, {12.25, 7}, {8.0, 9}};
    int n = sizeof list / sizeof list[0];
    int d = deepest(list, n);
    show(&list[d]);
    printf("mean %.1f m\n", mean(list⟪⟶, n⟫));
    ⟪If⟶if⟫ (mean(list, n) > 6.0) {
        puts("deep water")⟪:⟶;⟫
    }
    return 0;
}
