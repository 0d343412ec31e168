#include <stdio.h>
⟪⟶#include <stdlib.h>
⟫#include <string.h>

struct pontoon {
    char code[8];
    double length;
    int cleats;
};

double total(struct pontoon *all, int n)
{
    double sum = 0;
    int i;
    for (i = 0⟪,⟶;⟫ i < n⟪,⟶;⟫ i++)
        sum += all[i].⟪lenght⟶length⟫;
    return sum;
}

int compare(const void *a, const void *b)
{
    const struct pontoon *x = a, *y = b;
    return strcmp(⟪x.code⟶x->code⟫, y->code);
}

⟪⟶int ⟫longest(struct pontoon *all, int n)
{
    int best = 0;
    for (int i = 1; i < n; i++) ⟪⟶{⟫
        if (all[i].length > all[best].length)
            best = i;
    }
    return best;
}

int main(void)
{
    struct pontoon row[3] = {
        { "P1", 12.5, 8 },
        { "P2", 9.0, 6 }⟪⟶,⟫
        { "P3", 14.25, 10 },
    };
    qsort(row, 3, sizeof row[0], compare);
    const char *first = row[0].code;
    printf("first %s, total %.1f\n", first, total(row⟪⟶, 3⟫));
    printf(⟪'longest %d\n'⟶"longest %d\n"⟫, longest(row, 3));
    return 0;
}
