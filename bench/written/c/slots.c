#include <stdio.h>
⟪⟶#include <stdlib.h>
⟫#include <string.h>

#define MAX_SLOTS 12

enum state { FREE, TAKEN, CLOSED };

struct slot {
    char boat[24];
    enum state state;
    struct slot *next;
}⟪⟶;⟫

struct slot *new_slot(const char *boat) {
    struct slot *s = malloc(sizeof(struct slot));
    s->state = FREE;
    strcpy(s->boat⟪ ⟶, ⟫boat);
    s->next = NULL;
    return s;
}

int count_free(struct slot *first) {
    int n = 0;
    for (struct slot *s = first; s != NULL; s = s⟪.⟶->⟫next) {
        if (s->state ⟪=!⟶!=⟫ TAKEN)
            n++;
    }
    return n;
}

void close_slot(struct slot *s) {
    switch (s->state) {
    case TAKEN:
        printf("%s must leave\n", s->boat);
        ⟪brake⟶break⟫;
    default:
        s->state = CLOSED;
    }
}

int main(void) {
    struct slot *first = new_slot("Skua");
    first->next = new_slot(⟪'Marta'⟶"Marta"⟫);
    close_slot(first->next);
    printf("%d of %d free\n", count_free(first), ⟪MAX_SLOT⟶MAX_SLOTS⟫);
    return 0;
}
