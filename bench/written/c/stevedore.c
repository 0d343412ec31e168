#include <stdio.h>
#include <stdlib.h>
#include <string.h>

#define MAX_CRATES 16

enum kind { DRY, COLD, ⟪LIVE;⟶LIVE⟫ };

struct crate {
    char label[20];
    double weight;
    enum kind kind;
};

struct hold {
    struct crate crates[MAX_CRATES];
    int used;
⟪}⟶};⟫

static int load(struct hold *h, const char *label, double weight, ⟪kind⟶enum kind⟫ k)
{
    if (h->used ⟪=>⟶>=⟫ MAX_CRATES)
        return 0;
    struct crate *c = &⟪h.crates⟶h->crates⟫[h->used++];
    strncpy(c->label, label, sizeof c->label - 1);
    c->label[sizeof c->label - 1] = '\0';
    c->weight = weight;
    c->kind = k;
    return 1;
}

static double total(const struct hold *h)
{
    double sum = 0⟪⟶;⟫
    for (int i = 0; i < h->used; i++)
        sum += h->crates[i]⟪->⟶.⟫weight;
    return sum;
}

static int heavier(const void *a, const void *b)
{
    const struct crate *x = a, ⟪y = b⟶*y = b⟫;
    if (x->weight > y->weight) return -1;
    return x->weight < y->weight;
}

int main(void)
{
    struct hold hold = {0};
    load(&hold, "eels", 12.5, LIVE);
    load(&hold, "nails", 80, DRY);
    ⟪load(hold,⟶load(&hold,⟫ "butter", 33, COLD);
    qsort(hold.crates, hold.used, sizeof(struct crate), heavier⟪⟶)⟫;
    for (int i = 0; i < hold.used; i++) {
        printf("%-10s %6.1f\n", hold.crates[i].label, hold.crates[i].weight);
    }
    printf("%.1f in all\n"⟪⟶,⟫ total(&hold));
    return ⟪EXIT_SUCESS⟶EXIT_SUCCESS⟫;
}
