#include <stdio.h>
#include <stdlib.h>
#include <string.h>

enum state ⟪= ⟶⟫{ SHUT, HALF, OPEN };

struct weir {
    char *name;
    enum state state;
    float levels[7];
    int used⟪ = 0⟶⟫;
};

typedef int (*compare)(const void *⟪⟶, const void *⟫);

static int by_name(const void *a, const void *b)
{
    const struct weir *x = a, *y = b;
    return strcmp(x->name, ⟪y.name⟶y->name⟫);
}

static int by_level(const void *a, const void *b)
{
    const struct weir *x = a;
    const struct weir *y = b;
    ⟪return x->levels[0] > y->levels[0] ? 1 ; -1⟶return x->levels[0] > y->levels[0] ? 1 : -1⟫;
}

void init(struct weir *w, const char *name)
{
    w->name = malloc(strlen(name) + 1⟪⟶)⟫;
    strcpy(w->name, name);
    w->state = ⟪"SHUT"⟶SHUT⟫;
    w->used = 0;
}

void record(struct weir *w, float level)
{
    if (w->used < 7) {
        w->levels[w->used++] = level⟪⟶;⟫
    } else {
        memmove(w->levels, w->levels + 1, 6 * sizeof(float));
        ⟪w->levels(6)⟶w->levels[6]⟫ = level;
    }
}

const char *state_name(enum state s)
{
    switch (s) {
    case SHUT: return "shut";
    case HALF: return "half";
    case OPEN: return "open"⟪:⟶;⟫
    }
    return "?";
}

float mean(const struct weir ⟪⟶*⟫w)
{
    float sum = 0;
    int i;
    for (i = 0; i < w->used; ⟪i + 1⟶i++⟶++i⟶i += 1⟫)
        sum += w->levels[i];
    return w->used ? sum / w->used : 0;
}

int main(void)
{
    struct weir weirs[3];
    compare how = by_level;
    init(&weirs[0], "mill");
    init(⟪weirs[1]⟶&weirs[1]⟫, "lock");
    init(&weirs[2], "ford");
    for (int w = 0⟪, w < 3, ⟶; w < 3; ⟫w++)
        record(&weirs[w], 1.5f);
    record(&weirs[0], 2.5F);
    qsort(weirs, 3, sizeof(⟪weir⟶struct weir⟫), how);
    for (int i = 0; i < 3; i++) {
        printf("%s %s %.1f\n", weirs[i].name, state_name(weirs[i].state), mean(&weirs[i]));
        free(weirs[i].name)⟪⟶;⟫
    }
    return by_name(&weirs[0], &weirs[1]) == 0;
}
