#include <stdio.h>
#include <stdbool.h>

struct signal {
    char code;
    int blasts;
};

bool is_long(struct signal s);
⟪⟶void play(struct signal s);
⟫
int main() {
    struct signal fog = {'F', 3};
    struct signal turn = {⟪"T"⟶'T'⟫, 1};
    struct signal all[2] = {fog, turn};
    int i;
    for (i = 0⟪,⟶;⟫ i < 2; i++) {
        play(all[i]);
    }
    if (is_long(fog) ⟪and⟶&&⟫ !is_long(turn)) {
        printf("fog horn is long\n");
    }
    return ⟪O⟶0⟫;
}

bool is_long(struct signal s) {
    return s.blasts > 2;
}

void play(⟪signal⟶struct signal⟫ s) {
    printf("%c:", s.code);
    for (int b = 0; b < s.blasts; b++) {
        printf(" toot");
    }
    printf("\n");
}
