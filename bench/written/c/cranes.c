#include <stdio.h>

enum load { EMPTY, HALF, FULL };

struct crane {
    int id;
    enum load load;
    float reach;
};

const char *word(enum load l) {
    switch (l) {
        case EMPTY: return "empty";
        case HALF⟪;⟶:⟫ return "half";
        default: return "full";
    }
}

int lift(struct crane *c, float metres) {
    if (metres > c->reach) {
        return 0;
    }
    c->load = FULL;
    return 1;
}

void show(struct crane c) {
    printf("crane %d is %s\n", c.id, ⟪words⟶word⟫(c.load));
}

int main(void) {
    struct crane north = {1, EMPTY, 22.5};
    struct crane south = {2, HALF, 18.0⟪⟶}⟫;
    int lifted = 0;
    lifted += lift(&north, 20);
    lifted += lift(⟪south⟶&south⟫, 20);
    const char *line = "cranes";
    printf("%s: %d\n", line, lifted);
    show(north⟪⟶)⟫;
    return 0;
}
