#include <stdio.h>

enum day { MON, TUE, WED, DAYS };

int hours[DAYS]⟪⟶ =⟫ {8, 6, 9};

int sum(int *values, int count)
{
    int s = 0;
    int i;
    for (i = 0; i < count; i++⟪;⟶⟫)
        s += values[i];
    return s;
}

const char *name(enum day d)
{
    switch (d) {
    case MON: return "mon";
    case TUE: return "tue";
    case WED⟪;⟶:⟫ return "wed";
    default: return "?";
    }
}

void longest(void)
{
    int best = 0;
    for (int d = MON; d < DAYS; d++)
        if (hours[d] > hours[best])
            best = d;
    printf("%s\n", name(best));
}

int main(void)
{
    float mean = sum(hours, DAYS) / 3.0f;
    printf("%f\n"⟪ mean⟶, mean⟫);
    longest();
    if (mean > 7⟪⟶)⟫
        printf("long\n");
    else
        printf("short\n");
    return ⟪o⟶0⟫;
}
