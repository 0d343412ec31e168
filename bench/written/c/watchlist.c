#include <stdio.h>
#include <stdlib.h>
#include <string.h>

#define NAME_SIZE 32

typedef struct watch {
    char name[NAME_SIZE];
    int start;
    int hours;
    ⟪watch⟶struct watch⟫ *next;
} watch_t;

typedef struct {
    watch_t *head;
    size_t count;
} roster_t;

static watch_t *watch_new(const char *name, int start, int hours)
{
    watch_t *watch = malloc(sizeof *watch);
    if (watch == NULL)
        return NULL;
    strncpy(watch⟪.⟶->⟫name, name, NAME_SIZE - 1);
    watch->name[NAME_SIZE - 1] = '\0';
    watch->start = start;
    watch->hours = hours;
    watch->next = NULL;
    return watch;
}

static void roster_add(roster_t *roster, watch_t *watch)
{
    watch_t **end = &roster->head;
    while (*end)
        end = &(*end)->next;
    *end = watch;
    roster->count++⟪⟶;⟫
}

static int covered(const roster_t *roster, int hour)
{
    for (watch_t *w = roster->head⟪,⟶;⟫ w != NULL; w = w->next) {
        if (hour >= w->start && hour < w->start + w->hours)
            return ⟪true⟶1⟫;
    }
    return 0;
}

static void print(roster_t *roster)
{
    watch_t *w;
    for (w = roster->head; w; w = w->next)
        printf("%-10s %02d-%02d\n", w->name, w->start, w->start + w->⟪hour⟶hours⟫);
}

int main(void)
{
    roster_t roster = { NULL, 0 };
    roster_add(&roster, watch_new("Ada", 0, 6));
    roster_add(⟪roster⟶&roster⟫, watch_new("Bo", 6, 8));
    print(&roster);
    for (int hour = 0; hour < 24; hour++) {
        if (!covered(&roster, hour)⟪⟶)⟫
            printf("%d is open\n", hour);
    }
    return 0;
}
