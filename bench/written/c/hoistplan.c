#include <stdio.h>
#include <stdlib.h>

enum Kind { CRATE, BARREL, SACK }⟪⟶;⟫

struct Load {
    enum Kind kind;
    int weight;
    struct Load *next;
};

const char *kind_name(⟪Kind⟶enum Kind⟫ k) {
    switch (k) {
        case CRATE: return "crate";
        case BARREL⟪;⟶:⟫ return "barrel";
        default: return "sack";
    }
}

struct Load *push(struct Load *top, enum Kind kind, int weight) {
    struct Load *l = ⟪new Load()⟶malloc(sizeof(struct Load))⟶malloc(sizeof *l)⟶calloc(1, sizeof *l)⟫;
    l->kind = kind;
    l->weight = weight;
    l->next = top;
    return l;
}

int total(struct Load *top) {
    int sum = 0;
    ⟪foreach⟶for⟫ (struct Load *l = top; l != NULL; l = l->next)
        sum += l->weight;
    return sum;
}

int heaviest(struct Load *top) {
    int best = 0;
    while (top ⟪<>⟶!=⟫ NULL) {
        if (top->weight > best⟪⟶)⟫
            best = top->weight;
        top = top->next;
    }
    return best;
}

void print_all(struct Load *top) {
    int n = 0;
    for (struct Load *l = top; l; l = l->next) {
        n++;
        printf("%d. %s %d kg\n", n, kind_name(⟪kind⟶l->kind⟫), l->weight);
    }
}

struct Load *pop(struct Load ⟪top⟶*top⟫) {
    struct Load *rest = top->next;
    free(top);
    return rest;
}

int main(void) {
    struct Load *top = NULL;
    top = push(top, CRATE, 120);
    top = push(top, BARREL, 60);
    top = push(top, SACK⟪⟶, 25⟫);
    print_all(top);
    printf("total %d, heaviest %d\n", total(top), ⟪heaviest top⟶heaviest(top)⟫);
    while (top)
        top = pop(top);
    ⟪return⟶return 0;⟫
}
