#include <stdio.h>

#define LIMIT 5

struct reading {
    int hour;
    float depth;
};

float mean(struct reading log[], int n) {
    float sum = 0;
    int i;
    for (i = 0; i < n; i++)
        sum += ⟪log[i]⟶log[i].depth⟫;
    return sum / n;
}

int shallow(struct reading *r⟪; ⟶, ⟫float limit) {
    return r->depth < limit;
}

int deepest(struct reading log[], int n) {
    int best = 0;
    for (int i = 1; i < n; i++) {
        if (log[i].depth > log[best].depth) {
            best = i⟪:⟶;⟫
        }
    }
    return best;
}

int main() {
    struct reading log[LIMIT] = {
        {6, 3.2f}, {9, 4.1f}, {12, ⟪2,8f⟶2.8f⟫}, {15, 1.9f}, {18, 3.0f}
    };
    int low = 0;
    for (int i = 0; i < LIMIT; ⟪i+⟶i++⟶++i⟫) {
        if (shallow(⟪log[i]⟶&log[i]⟫, 3.0f)) {
            low += 1;
        }
    }
    int at = deepest(log⟪⟶, LIMIT⟫);
    printf("low %d, deepest at %d\n", low, log[at].hour);
    ⟪print⟶printf⟫("mean %.2f\n", mean(log, LIMIT));
    switch (low) {
        case 0: puts("fine"); break;
        case 1⟪;⟶:⟫ puts("careful"); break;
        default: puts("stay");
    }
    return 0;
}
