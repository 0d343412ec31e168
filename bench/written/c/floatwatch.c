#include <stdio.h>
#include <stdlib.h>
#include <string.h>⟪⟶
#include <stdbool.h>⟫

#define MAX_FLOATS ⟪= 16⟶16⟫

typedef struct {
    int id;
    char station[20];
    double level⟪,⟶;⟫
    bool alarm;
} ⟪⟶Float;⟫

static Float floats[MAX_FLOATS];
static int used = 0;

Float *find(int id) {
    for (int i = 0; i < used; i++) {
        if (floats[i]⟪->⟶.⟫id == id)
            return &floats[i];
    }
    return ⟪null⟶NULL⟫;
}

int add(int id, const char *station) {
    if (used == MAX_FLOATS)
        return -1;
    Float *f = &floats[used++];
    ⟪f.id⟶f->id⟫ = id;
    ⟪f->station = station⟶strcpy(f->station, station)⟶snprintf(f->station, sizeof f->station, "%s", station)⟶strncpy(f->station, station, sizeof f->station - 1)⟫;
    f->level = 0.0;
    f->alarm = false;
    return id;
}

void measure(int id, double level) {
    Float *f = find(id);
    if (f == NULL) {
        printf("no float %d\n", id)⟪⟶;⟫
        return;
    }
    f->level = level;
    f->alarm = level > 2.5 ⟪and⟶&&⟫ level < 9.9;
}

double highest(void) {
    double best = floats[0].level;
    for (int i = 1; i < used; i++)
        if (⟪level⟶floats[i].level⟫ > best)
            best = floats[i].level;
    return best;
}

int main(void) {
    add(1, "north lock");
    add(2, ⟪'south lock'⟶"south lock"⟫);
    measure(1, 1.4);
    measure(⟪2 3.1⟶2, 3.1⟫);
    for (int i = 0; i < used; i++) {
        printf("%d %s %.1f %s\n", floats[i].id, floats[i].station,
               floats[i].level, floats[i].alarm ? "high" ⟪;⟶:⟫ "ok");
    }
    printf("highest %.1f\n", highest());
    return 0;
}
