#include <stdio.h>
#include <string.h>
#include <stdlib.h>

#define QUAYS 3

struct quay {
    char name[16];
    int depth;
    int taken;
};

static struct quay quays[QUAYS] = {
    {"north", 7, 0},
    {"south", 9, 1}⟪⟶,⟫
    {"inner", 4, 0}
};

struct quay *deepest_free(int min) {
    struct quay *best = ⟪null⟶NULL⟫;
    for (int i = 0; i < QUAYS; i++) {
        if (quays[i].taken || quays[i].depth < min) continue;
        if (best == NULL || quays[i].depth > best⟪.⟶->⟫depth)
            best = &quays[i];
    }
    return best;
}

int taken(void) {
    int n = 0;
    for (int i = 0; i < QUAYS; i++)
        n += quays[i].⟪take⟶taken⟫;
    return n;
}

int main(void) {
    struct quay *q = deepest_free(5⟪⟶)⟫;
    if (q) {
        q->taken = 1;
        printf("%s\n", q->name);
    }
    printf("%d taken\n"⟪ ⟶, ⟫taken());
    char *copy = malloc(strlen(quays[0].name) + 1);
    strcpy(copy, ⟪quays.name⟶quays[0].name⟫);
    puts(copy);
    free(copy)⟪⟶;⟫
    return 0;
}
