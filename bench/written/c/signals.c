#include <stdio.h>

typedef enum { RED, GREEN⟪⟶,⟫ WHITE } colour;

typedef struct {
    colour colour;
    int period;
} lamp;

static void show(lamp one) {
    char *names[] = {"red", "green", "white"};
    printf("%s every %d s\n", names[one.colour], one.period);
}

static lamp make(colour c, int period) {
    lamp one;
    one.colour = c;
    one.period = period;
    ⟪Return⟶return⟫ one;
}

int main(void) {
    lamp lamps[3];
    lamps[0] = make(RED, 4);
    lamps[1] = make(GREEN⟪. ⟶, ⟫6);
    lamps[2] = make⟪[WHITE, 10]⟶(WHITE, 10)⟫;
    for (int i = 0; i < 3; i++⟪⟶)⟫ {
        show(lamps[i]);
    }
    return 0;
}
