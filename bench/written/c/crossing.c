#include <stdio.h>

enum wind { CALM, FRESH, GALE };

struct crossing {
    int minutes;
    enum wind wind;
    int cancelled;
};

const char *word(enum wind w) {
    ⟪switch w⟶switch (w)⟫ {
        case CALM: return "calm";
        case FRESH⟪;⟶:⟫ return "fresh";
        default: return "gale";
    }
}

double mean(struct crossing list[], int n) {
    double sum = 0⟪⟶;⟫
    for (int i = 0⟪,⟶;⟫ i < n⟪,⟶;⟫ i++) {
        sum += list[i].minutes;
    }
    return sum / n;
}

int cancelled(const struct crossing *list, int n) {
    int count = 0, i = 0;
    while (i < n) {
        if (⟪list[i]->cancelled⟶list[i].cancelled⟫) count += 1;
        i++;
    }
    ⟪retrun⟶return⟫ count;
}

int main(void) {
    struct crossing all[3] = {
        { 40, CALM, 0 },
        { 55, FRESH, 0 }⟪⟶,⟫
        { 90, GALE, 1 }
    };
    printf("mean %.1f\n", mean(all, 3));
    for (int i = 0; i < 3; i++)
        printf("%d %s\n", all[i].minutes, word(all[i].⟪Wind⟶wind⟫));
    printf("%d cancelled\n", ⟪cancelled[all, 3]⟶cancelled(all, 3)⟫);
    return 0;
}
