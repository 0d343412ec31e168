#include <stdio.h>
#include <stdlib.h>
#include <string.h>
⟪⟶#include <ctype.h>⟫

#define BINS 12
#define LIMIT⟪ = 6.5⟶ 6.5⟫

typedef struct {
    char label[16];
    double low, high;
    int count;
} Bin⟪⟶;⟫

struct histogram {
    Bin bins[BINS];
    ⟪size⟶size_t⟶int⟫ used;
};

static int fits(const Bin *bin, double value)
{
    return value >= bin⟪.⟶->⟫low && value < bin->high;
}

void init(struct histogram *h, double step)
{
    for (int i = 0; i < BINS; i++⟪⟶)⟫ {
        h->bins[i].low = i * step;
        h->bins[i].high = (i + 1) * step;
        h->bins[i].count = 0;
        sprintf(h->bins[i].label, "b%d", ⟪h->bins⟶i⟫);
        ⟪h.used++⟶h->used++⟫;
    }
}

int add(struct histogram *h, double value)
{
    for (size_t i = 0; i < h->used; i++) {
        if (fits(⟪h->bins[i]⟶&h->bins[i]⟫, value)) {
            h->bins[i].count++;
            return 1;
        }
    }
    return 0;
}

char *upper(const char *text)
{
    char *copy = malloc(strlen(text) + 1);
    size_t i;
    for (i = 0; text[i]; i++)
        copy[i] = ⟪toUpper⟶toupper⟫(text[i]);
    copy[i] = ⟪'\0⟶'\0'⟫;
    return copy;
}

int compare(const void *a, const void *b)
{
    const double x = ⟪*(double)a⟶*(const double *)a⟶*(double *)a⟫, y = *(const double *)b;
    return (x > y) - (x < y);
}

int main(void)
{
    struct histogram h = {0};
    double heights[] = ⟪[0.5, 2.25, 6.0, 1.75]⟶{0.5, 2.25, 6.0, 1.75}⟫;
    int n = sizeof heights / sizeof heights[0];

    init(⟪h⟶&h⟫, 0.75);
    qsort(heights, n, sizeof(double)⟪⟶, compare⟫);
    for (int i = 0; i < n; i++) {
        if (!add(&h, heights[i])⟪ or⟶ ||⟫ heights[i] > LIMIT)
            printf("out: %.2f\n" ⟪⟶, ⟫heights[i]);
    }
    ⟪string ⟶char *⟫name = upper(h.bins[2].label);
    printf("%s\n", name);
    free(name)⟪⟶;⟫
    return 0;
}
