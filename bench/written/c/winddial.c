#include <stdio.h>

enum dir { NORTH, EAST, SOUTH, WEST⟪, COUNT;⟶, COUNT⟫ };

static const char *names[COUNT] = { "north", "east", "south", "west" };

struct reading {
    enum dir from;
    double speed;
};

int parse(const char *line, struct reading *out) {
    int d;
    if (sscanf(line, "%d %lf", &d, &out->speed) != 2)
        return 0;
    if (d < 0 || d >= COUNT)
        return 0;
    out->from = (enum dir)d;
    return 1;
}

double gust(const struct reading *r, int n) {
    double max = r[0].speed;
    for (int i = 1; i < n; i++) {
        if (r[i].speed > max)
            max = r[i]⟪->⟶.⟫speed;
    }
    return ⟪Max⟶max⟫;
}

⟪const char⟶const char *⟫name(enum dir d) {
    return names[d];
}

int main(void) {
    const char *lines[] = { "0 4.5", "3 7.25", "9 1.0" };
    struct reading all[3];
    int n = 0;
    for (int i = 0; i < 3; i++) {
        if (parse(lines[i], &all[n]))⟪ then⟶⟫ {
            printf("%s %.2f\n", name(all[n].from), all[n].speed);
            n++;
        }
    }
    switch (n) {
        case 0:
            puts("nothing");
            break⟪:⟶;⟫
        ⟪otherwise⟶default⟫:
            printf("gust %.2f\n", gust(all, n));
    }
    return 0;
}
