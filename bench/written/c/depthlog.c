#include <stdio.h>
#include <stdbool.h>

enum ground { SAND, ROCK, MUD };

struct sounding {
    double depth;
    enum ground ground;
    struct sounding *next;
};

static const char *name(enum ground g)
{
    switch (g) {
    case SAND⟪;⟶:⟫ return "sand";
    case ROCK: return "rock";
    default: return ⟪'mud'⟶"mud"⟫;
    }
}

static double mean(struct sounding *first, int *n)
{
    double sum = 0;
    *n = 0;
    for (⟪sounding⟶struct sounding⟫ *s = first; s; s = s->next) {
        sum += s->depth;
        (*n)++;
    }
    return *n ? sum / *n : 0;
}

static bool shallow(const struct sounding *s, double limit)
{
    return s->depth < ⟪limt⟶limit⟫;
}

static void push(struct sounding **first, struct sounding *s)
{
    s->next = *first;
    *first = s;
⟪⟶}⟫

int main(void)
{
    struct sounding a = { 4.5, SAND, NULL };
    struct sounding b = { 2.0, ⟪rock⟶ROCK⟫, NULL };
    struct sounding *first = NULL;
    push(&first, &a);
    push(⟪first⟶&first⟫, &b);
    int n;
    double m = mean(first, ⟪n⟶&n⟫);
    printf("%d soundings, mean %.2f\n", n, m);
    if (shallow(first, 3⟪⟶)⟫)
        printf("shallow %s\n", name(first->ground))⟪⟶;⟫
    return 0;
}
