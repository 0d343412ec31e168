#include <stdio.h>
#include <string.h>
#include <⟪stdlib⟶stdlib.h⟫>

#define MAX ⟪= 8⟶8⟫

typedef struct {
    char name[20];
    int watts;
    ⟪bool⟶int⟫ lit;
} Lamp;

struct store {
    Lamp lamps[MAX];
    int count;
};

int add(⟪store⟶struct store⟫ *s, char *name, int watts)
{
    if (s->count ⟪=>⟶>=⟫ MAX)
        return -1;
    strcpy(s->lamps[s->count]⟪->⟶.⟫name, name);
    s->lamps[s->count].watts = watts⟪⟶;⟫
    s⟪.⟶->⟫count++;
    return s->count;
}

int brightest(struct store *s) {
    int best = 0;
    for (int i = 0⟪,⟶;⟫ i < s->count; i++) {
        if (s->lamps[i].watts > best)
            best = s->lamps[i].⟪watt⟶watts⟫;
    ⟪⟶}⟫
    return best;
}

int main(void)
{
    struct store *s = malloc(⟪sizeOf⟶sizeof⟫(struct store));
    s->count = 0;
    add(s, ⟪'quay'⟶"quay"⟫, 60);
    add(s, "mast", 150);
    ⟪string⟶char *⟶const char *⟫ title = "brightest";
    printf("%s: %d\n", title, brightest(s)⟪⟶)⟫;
    free(s);
    return ⟪O⟶0⟫;
}
