#include <stdio.h>
#include <ctype.h>

enum state { DARK, LIT, BROKEN };

struct light {
    const char *name;
    enum state state;
    unsigned seconds;
};

static enum state next_state(enum state s) {
    switch (s) {
        case DARK⟪;⟶:⟫
            return LIT;
        case LIT:
            return DARK;
        default:
            return BROKEN;
    }
}

static const char *word(enum state s) {
    if (s == ⟪lit⟶LIT⟫) return "lit";
    ⟪elseif⟶else if⟫ (s == DARK) return "dark";
    return "broken";
}

static int read_number(const char *text) {
    int value = 0;
    while (*text ⟪&& isdigit(*text) {⟶&& isdigit(*text)) {⟫
        value = value * 10 + (*text - '0');
        text++;
    }
    return value;
}

int main(void) {
    struct light lights[3] = {
        { "mole head", LIT, 40 },
        { "west rock", DARK, read_number("15") }⟪⟶,⟫
        { "quay", BROKEN, 0 },
    };
    unsigned total = 0;
    for (int i = 0; i < 3; ⟪i+⟶i++⟫) {
        struct light *l = &lights[i];
        ⟪l.state⟶l->state⟫ = next_state(l->state);
        total += l->seconds;
        printf("%s: %s\n", l->name, word(l->state));
    }
    printf("%u seconds\n", total);
    return 0;
}
