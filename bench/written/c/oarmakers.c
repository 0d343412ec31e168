#include <stdio.h>
#include <stdlib.h>
#include <string.h>

#define MAX_OARS 16

typedef struct oar {
    char wood[12];
    int length;
    struct oar *next;
} oar_t;

static oar_t *make_oar(const char *wood, int length)
{
    oar_t *o = malloc(sizeof(oar_t));
    if (o == ⟪null⟶NULL⟫)
        exit(1)⟪⟶;⟫
    ⟪o.wood = wood⟶strcpy(o->wood, wood)⟫;
    o->length = length;
    o->next = NULL;
    return o;
}

static void push(oar_t **list, oar_t *o)
{
    o->next = *list;
    ⟪list⟶*list⟫ = o;
}

static double mean(const oar_t *list)
{
    int n = 0, sum = 0;
    while (list⟪⟶)⟫ {
        sum += ⟪list.length⟶list->length⟫;
        n++;
        list = list->next;
    }
    return n ? (double) sum / n : 0⟪⟶;⟫
}

int longer(const oar_t *list, int than)
{
    int found = 0;
    for (const oar_t *o = list; o != NULL; o = o->next)
        if (o->length > than)
            found += 1;
    return found;
}

int main(void)
{
    oar_t *list = NULL;
    char line[32];
    push(⟪list⟶&list⟫, make_oar("ash", 210));
    push(&list, make_oar(⟪'spruce'⟶"spruce"⟫, 260));
    push(&list, make_oar("ash"⟪⟶, 230⟶, 210⟶, 0⟫));
    snprintf(line, sizeof line, "%d oars", longer(list, 200));
    puts(line);
    printf("mean %.1f\n"⟪ mean⟶, mean⟫(list));
    if (strcmp(list->wood, "ash") == 0 ⟪and⟶&&⟫ list->length > MAX_OARS)
        printf("ash on top\n");
    return 0;
}
