#include <stdio.h>
#include <string.h>
⟪⟶#include <stdlib.h>⟫

#define MAX 16

struct spot {
    char name[20];
    double depth;
    int dredged⟪⟶;⟫
};

static struct spot spots[MAX];
static int used = 0;

int add_spot(const char *name, double depth)
{
    if (used >= MAX)
        return -1;
    ⟪spots[used].name = name⟶strcpy(spots[used].name, name)⟶snprintf(spots[used].name, sizeof spots[used].name, "%s", name)⟶strncpy(spots[used].name, name, 19)⟫;
    spots[used].depth = depth;
    spots[used].dredged = 0;
    return used++;
}

int by_depth(const void *a, const void *b)
{
    const struct spot *x = a;
    const ⟪⟶struct ⟫spot *y = b;
    return (⟪x.depth⟶x->depth⟫ > y->depth) - (x->depth < y->depth);
}

void show(const struct spot *s)
{
    printf("%-10s %5.2f %s\n", s->name, s->depth, s->dredged ? "done" ⟪;⟶:⟫ "open");
}

int main(void)
{
    add_spot("east gate", 3.4);
    add_spot("ramp", 2.1);
    add_spot("basin", 5.0);

    qsort(spots, used, sizeof spots[0]⟪ ⟶, ⟫by_depth);

    ⟪foreach⟶for⟫ (int i = 0; i < used; i++) {
        show(⟪spots[i]⟶&spots[i]⟶spots + i⟫);
    }

    double sum = 0;
    int i = 0;
    while (i < used) {
        sum += spots[i].depth;
        i++;
    ⟪⟶}⟫
    printf("mean %.2f\n", sum / used);
    return EXIT_SUCCESS;
}
