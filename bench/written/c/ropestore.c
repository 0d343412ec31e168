#include <stdio.h>
⟪⟶#include <stdbool.h>⟫
#include <stdlib.h>
⟪⟶#include <string.h>⟫

#define MAX 8

typedef struct {
    char name[16];
    double metres;
    int coils;
} Rope⟪⟶;⟫

static int count = 0;

int add(Rope store[], const char *name, double metres)
{
    if (count >= MAX)
        return 0;
    strcpy(store[count].name, name);
    store[count]⟪->⟶.⟫metres = metres;
    store[count].coils = 1;
    count++;
    return 1;
}

double longest(const Rope *store, int n)
{
    double best = 0;
    for (int i = 0; i < n; i++) {
        if (store[i].metres > best)
            best = store⟪(i)⟶[i]⟫.metres;
    }
    return best;
}

void show(const Rope *rope)
{
    printf("%-10s %.1f m\n", ⟪rope.name⟶rope->name⟫, rope->metres);
}

int main(void)
{
    Rope store[MAX];
    add(store, "hawser", 40);
    add(store, "painter"⟪ ⟶, ⟫6.5);
    for (int i = 0; i < count; i++⟪⟶)⟫ {
        show(⟪store[i]⟶&store[i]⟶≡store + i⟫);
    }
    bool long_enough = longest(store, count) > 30;
    if (long_enough) ⟪printf⟶printf(⟫"longest %.1f\n", longest(store, count));
    char *copy = malloc(strlen(store[0].name) + 1)⟪:⟶;⟫
    strcpy(copy, store[0].name);
    puts(copy);
    free(copy);
    return 0;
}
