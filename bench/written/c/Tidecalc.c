#include <stdio.h>
#include <math.h>

#define POINTS 6

double level(double hour, double range)
{
    double angle = hour / 12.4 * 2 * M_PI;
    return range / 2 * cos⟪ angle⟶(angle)⟫;
}

void fill(double levels[], int n, double range)
{
    for (int i = 0; i < n; i++) {
        ⟪levels(i)⟶levels[i]⟫ = level(i * 2, range);
    }
}

int rising(double levels[], int at)
{
    if (at == 0)
        return 0;
    else if (levels[at] > levels[at - 1])
        return 1;
    ⟪else (levels[at] == levels[at - 1])⟶else if (levels[at] == levels[at - 1])⟶else⟫
        return 2;
    return 0;
}

const char *word(int state)
{
    switch (state) {
    case 0: return "falling";
    case 1: return "rising";
    case ⟪"2"⟶2⟫: return "slack";
    }
    return "unknown";
}

int main(void)
{
    double levels⟪{POINTS}⟶[POINTS]⟫;
    double range;
    printf("range? ");
    if (scanf("%lf", &range) != 1) ⟪⟶{⟫
        return 1;
    }
    fill(levels, POINTS⟪⟶, range⟫);
    int high = 0⟪,⟶;⟫
    for (int i = 1; i < POINTS; i++) {
        if (levels[i] > levels[high]) {
            high = i;
        }
    }
    for (int i = 0; i < POINTS; i++) {
        int state = rising(levels, i);
        printf("%d %6.2f %s\n", i, levels[i], word(⟪States⟶state⟫));
    }
    printf("highest at %d\n", high)⟪⟶;⟫
    return 0;
}
