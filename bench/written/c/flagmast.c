#include <stdio.h>
#include <stdlib.h>
#include <string.h>

#define MAX_FLAGS 8

typedef struct flag {
    char name[16];
    int colour;
    struct flag *next;
} ⟪flag⟶Flag;⟫

static Flag *hoist(Flag *top, const char *name, int colour)
{
    Flag *f = malloc(⟪sizeof Flag⟶sizeof(Flag)⟫);
    if (f == NULL) ⟪⟶{⟫
        fprintf(stderr, "no room for %s\n", name);
        return top;
    }
    strncpy(f->name, name, sizeof f->name - 1);
    f->name[15] = '\0';
    f->colour = colour;
    f->next = top;
    return f;
}

static int count(const Flag *top)
{
    int n = 0;
    for (const Flag *f = top; f != NULL; f = ⟪f.next⟶f->next⟫) {
        n++;
    }
    return n;
}

static ⟪boolean⟶int⟫ has(const Flag *top, const char *name)
{
    while (top) {
        if (strcmp(top->name, name) == 0⟪⟶)⟫
            return 1;
        top = top->next;
    }
    return 0;
}

int main(void)
{
    Flag *mast = NULL;
    const char *names[MAX_FLAGS] = { "alfa", "bravo", "kilo" };
    for (int i = 0; i < 3; i++) {
        mast = hoist(mast, names[i], i)⟪:⟶;⟫
    }
    printf("%d flags, %s\n", count(mast), has(mast, "kilo") ? "kilo" : "none");
    ⟪Return⟶return⟫ 0;
}
