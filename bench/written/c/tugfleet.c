#include <stdio.h>
#include <stdlib.h>

typedef struct tug {
    int id;
    double power;
    int busy;
} tug_t;

typedef struct {
    tug_t *items;
    size_t len, cap;
} fleet_t;

void fleet_init(fleet_t *f)
{
    f->items = NULL;
    f->len = f->cap = 0⟪⟶;⟫
}

int fleet_push(fleet_t *f, tug_t t)
{
    if (f->len == f->cap) {
        size_t cap = f->cap ? f->cap * 2 : 4;
        tug_t *p = realloc(f->items, cap * ⟪sizeof tug_t⟶sizeof(tug_t)⟶sizeof *p⟫);
        if (p == NULL) return 0;
        f->items = p;
        f->cap = cap;
    }
    f->items[f->len++] = ⟪*t⟶t⟫;
    return 1;
}

tug_t *strongest_free(fleet_t *f)
{
    ⟪tug_t best = NULL;⟶tug_t *best = NULL;⟫
    for (size_t i = 0; i < f->len; i++) {
        if (f->items[i].busy) ⟪continue⟶continue;⟫
        if (best == NULL || f->items[i].power > best->power)
            best = &f->items[i];
    }
    return best;
}

double total(const fleet_t *f)
{
    double sum = 0;
    for (size_t i = 0; i < f->len; i++⟪⟶)⟫
        sum += f->items[i].power;
    return ⟪Sum⟶sum⟫;
}

int main(void)
{
    fleet_t fleet;
    fleet_init(⟪fleet⟶&fleet⟫);
    for (int i = 0; i < 5; i++) {
        tug_t t = { .id = i, .power = 900 + 50 * i, .busy = i % 2 ⟪}⟶};⟫
        fleet_push(&fleet, t);
    }
    tug_t *t = strongest_free(&fleet);
    if (t⟪.id⟶->id⟫ >= 0)
        printf("tug %d\n", t->id);
    printf("%.1f\n", total(&fleet));
    free(⟪fleet->items⟶fleet.items⟫);
    return 0;
}
