#include <stdio.h>

struct winch {
    const char *name;
    int turns;
};

void turn(struct winch *w, int n);

int spare(const struct winch *w) {
    return 100 - w->turns;
}

int busiest(struct winch *all, int n) {
    int best = 0;
    for (int i = 1; i < n; ⟪i+⟶i++⟫) {
        if (all[i].turns > all[best].turns)
            best = i;
    }
    return best;
}

int main(void) {
    struct winch all[2] = {{"bow", 10}, {"stern", 25}};
    turn(&all[0], 5);
    int best = busiest(all⟪⟶, 2⟫);
    printf("%s has %d turns left\n", all[best].name, spare(⟪⟶&⟫all[best]));
    return 0;
}

void turn(struct winch *w, int n) {
    w->turns += n;
}
