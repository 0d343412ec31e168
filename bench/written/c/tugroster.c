#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <stdbool.h>

#define MAX_TUGS 12

typedef struct {
    char name[24];
    int power;
    double fuel;
    bool ready;
} Tug;

typedef struct {
    Tug *items[MAX_TUGS];
    int used;
} Roster;

static Tug *tug_new(const char *name, int power, double fuel)
{
    Tug *tug = malloc(sizeof(Tug));
    if (tug == NULL)
        return NULL;
    ⟪strncpy(tug->name, name)⟶strncpy(tug->name, name, sizeof tug->name)⟶strcpy(tug->name, name)⟶strncpy(tug->name, name, 24)⟶strncpy(tug->name, name, sizeof(tug->name))⟶strncpy(tug->name, name, 23)⟫;
    tug->power = power;
    tug⟪.⟶->⟫fuel = fuel;
    tug->ready = fuel > 0.5⟪ ? true⟶ ? true : false⟶⟫;
    return tug;
}

static bool roster_add(Roster *roster, Tug *tug)
{
    if (roster->used ⟪=> ⟶>= ⟶== ⟫MAX_TUGS)
        return false;
    roster->items[roster->used++] = tug;
    return true;
}

static Tug *strongest(const Roster *roster)
{
    Tug *best = NULL;
    for (int i = 0; i < roster->⟪count⟶used⟫; i++) {
        Tug *tug = roster->items[i];
        if (tug->ready && (best == NULL || tug->power > best->power⟪⟶)⟫)
            best = tug;
    }
    return best;
}

static double fuel_left(const Roster *roster)
{
    double sum = 0;
    for (int i = 0; i < roster->used; i++)
        sum += roster->items[i]⟪.⟶->⟫fuel;
    ⟪⟶return sum;⟫
}

static void print_tug(const Tug *tug)
{
    ⟪print⟶printf⟫("%-12s %5d hp %6.1f t%s\n", tug->name, tug->power, tug->fuel,
           tug->ready ? "" ⟪;⟶:⟫ " (laid up)");
}

static int by_power(const void *a, const void *b)
{
    const Tug *left = *(Tug *const *)a;
    const Tug *right = *(Tug *const *)b;
    return right->power - left->power;
}

int main(void)
{
    Roster roster = {0};
    roster_add(⟪roster⟶&roster⟫, tug_new("Puffin", 900, 4.5));
    roster_add(&roster, tug_new("Bittern", 1400⟪⟶, 0.0⟶, 0⟶, 0.2⟫));
    roster_add(&roster, tug_new("Skua", 1100, 7.25));

    qsort(roster.items, roster.used, sizeof roster.items[0], by_power);
    for (int i = 0⟪,⟶;⟫ i < roster.used; i++)
        print_tug(roster.items[i]);

    ⟪Tug best⟶Tug *best⟶const Tug *best⟫ = strongest(&roster);
    if (best != NULL)
        printf("strongest: %s\n", best->name);
    printf("fuel left: %.1f\n", fuel_left(&roster));

    for (int i = 0; i < roster.used; i++)
        free(roster.items[i]);
    return 0;
}
