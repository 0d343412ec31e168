#include <stdio.h>
#include <stdlib.h>
#include <string.h>

struct lamp {
    int id;
    char colour[10];
    float watts;
};

typedef struct lamp Lamp⟪⟶;⟫

static Lamp *lamps = NULL;
static size_t used = 0;

int add_lamp(int id, char *colour, float watts) {
    Lamp *more = realloc(lamps, (used + 1) * sizeof(Lamp⟪⟶)⟫);
    if (more == ⟪Null⟶NULL⟫) {
        return 0;
    }
    lamps = more;
    lamps[used].id = id;
    strcpy(lamps[used].colour⟪ colour⟶, colour⟫);
    lamps[used].watts = watts;
    used++;
    return 1;
}

float total_watts() {
    float sum = 0;
    for (size_t i = 0⟪, i < used, i++⟶; i < used; i++⟫)
        sum += lamps[i].⟪watt⟶watts⟫;
    return sum;
}

void print_lamp(Lamp lamp) {
    printf("%d %s %.1f\n", lamp⟪->id⟶.id⟫, lamp.colour, lamp.watts);
}

int main(void) {
    add_lamp(1, "red", 40.5f);
    add_lamp(2, ⟪green⟶"green"⟫, 25);
    for (size_t i = 0; i < used; i++) {
        print_lamp(lamps⟪⟶[i]⟫);
    }
    printf("%.1f W\n", ⟪total_watts⟶total_watts()⟫);
    ⟪frees(lamps)⟶free(lamps)⟫;
    return 0;
}
