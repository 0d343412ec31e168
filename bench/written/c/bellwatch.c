#include <stdio.h>
#include <stdlib.h>
⟪#include <stdbool⟶#include <stdbool.h>⟫

struct bell {
    int hour;
    int strokes;
    struct bell *next;
};

bool is_night(int hour)
{
    return hour < 6 || hour >= 22;
}

struct bell *make(int hour, int strokes)
{
    struct bell *b = malloc(sizeof(struct bell));
    if (!b) {
        ⟪return null;⟶return NULL;⟫
    }
    b->hour = hour;
    b->strokes = strokes;
    b->next = NULL;
    return b;
}

int sum(⟪bell⟶struct bell⟫ *list)
{
    int total = 0;
    while (list != NULL) {
        total += list->strokes;
        list = list⟪.next⟶->next⟫;
    }
    return total;
}

void print_all(struct bell *list)
{
    for (struct bell *b = list; b; b = b->next) {
        printf("%02d: %d%s\n", b->hour, b->strokes, is_night(b->hour) ⟪? " (night)"⟶? " (night)" : ""⟫);
    }
}

int main()
{
    struct bell *list = NULL;
    int hours[4] = ⟪[4, 8, 12, 23]⟶{4, 8, 12, 23}⟫;
    for (int i = 0; i < 4; i++) {
        struct bell *b = make(hours[i]⟪⟶, i + 1⟶, i⟫);
        b->next = list;
        list = b;
    }
    print_all(list);
    ⟪printf("sum %d\n" sum(list));⟶printf("sum %d\n", sum(list));⟫
    while (list) {
        struct bell *next = list->next;
        free(list);
        list = next;
    }
    return 0;
}
