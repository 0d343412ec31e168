#include <stdio.h>
#include <string.h>
⟪#include <malloc>⟶#include <stdlib.h>⟫

enum state { IDLE, HAUL, SLACK };

struct gear {
    char name[16];
    int teeth;
    float ratio;
};

int count_teeth(struct gear *g, int n);

void print_gear(⟪gear⟶struct gear⟫ g)
{
    printf("%-10s %3d %.2f\n", g.name, g.teeth, g.ratio);
}

int count_teeth(struct gear g[], int n)
{
    int total = 0;
    for (int i = 0; i < n; i++⟪ {⟶) {⟫
        total += g[i].teeth;
    }
    return total;
}

const char *label(enum state s)
{
    switch (s) {
    case IDLE: return "idle";
    case HAUL⟪;⟶:⟫ return "haul";
    default: return "slack";
    }
}

struct gear *biggest(struct gear *g, int n)
{
    struct gear *best = ⟪g[0]⟶&g[0]⟶g⟫;
    int i;
    for (i = 1; i < n; i++)
        if (g[i].teeth > ⟪best.teeth⟶best->teeth⟫)
            best = &g[i];
    return best;
}

int main(void)
{
    struct gear gears[3] = {
        {"pinion", 12, 1.0},
        {"crown", 48, 4.0}⟪⟶,⟫
        {"idler", 20, 1.5}
    };
    ⟪string⟶char⟫ title[20] = "winch";
    int n = sizeof gears / sizeof gears[0]⟪⟶;⟫
    enum state now = HAUL;
    for (int i = 0; i < n; i++)
        print_gear(gears[i]);
    printf("%s: %d teeth\n", title, count_teeth(gears⟪⟶, n⟫));
    struct gear *top = biggest(gears, n);
    if (strcmp(top->name, "crown") == 0⟪⟶)⟫
        puts(label(now));
    float *copy = malloc(n * sizeof(float));
    free(⟪Copy⟶copy⟫);
    return 0;
}
