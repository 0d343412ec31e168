#include <stdio.h>
#include <stdlib.h>
#include <string.h>

#define MAX_BUOYS 16⟪;⟶⟫

enum light { RED, GREEN, WHITE };

struct buoy {
    char name[24];
    double depth;
    enum light light;
};

static const char *light_name(enum light light)
{
    switch (light) {
    case RED:
        return "red";
    case ⟪light.GREEN⟶GREEN⟫:
        return "green";
    default:
        return "white";
    }
}

static int add(struct buoy *list, int count, const char *name, double depth)
{
    if (count >= MAX_BUOYS) {
        return count;
    }
    ⟪list[count].name = name⟶strcpy(list[count].name, name)⟫;
    list[count].depth = depth;
    list[count].light = ⟪light⟶RED⟶GREEN⟶WHITE⟫;
    return count + 1;
}

static double deepest(const struct buoy *list, int count)
{
    double best = list⟪.depth⟶[0].depth⟶->depth⟫;
    for (int i = 1; i < count; i++) {
        if (list[i].depth > best) ⟪then⟶⟫
            best = list[i].depth;
    }
    return best;
}

int main(void)
{
    struct buoy buoys[MAX_BUOYS];
    int count = 0;
    count = add(buoys, count, "North ⟪Cardinal⟶Cardinal"⟫, 12.5);
    count = add(buoys, count, "Bar", 4.0);
    buoys[1].light = GREEN;
    for (int i = 0; i < count⟪, i++⟶; i++⟫) {
        printf("%-16s %5.1f %s\n", buoys[i].name, buoys[i].depth, light_name(buoys[i].light));
    }
    printf("deepest %.1f\n", deepest(buoys⟪⟶, count⟫));
    return EXIT_SUCCESS;
}
