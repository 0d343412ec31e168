#include <stdio.h>
#include <stdlib.h>

enum sea { CALM, ROUGH, STORM };

enum sea judge(int wind) {
    if (wind < 12) {
        return CALM;
    }
    if (wind < 28) {
        return ROUGH;
    }
    return STORM;
}

const char *name_of(enum sea sea) {
    switch (sea) {
        case CALM: return "calm";
        case ROUGH: return "rough";
        case STORM: return "storm";
    }
    return "unknown";
}

int main(void) {
    int winds[6] = {4, 10, 18, 31, 22, 9};
    int cancelled = 0;
    for (int day = 0; day < 6; day++) {
        enum sea sea = judge(winds[day]);
        printf("day %d: %s\n", day + 1, name_of(sea));
        if (sea == STORM) {
            cancelled++;
        }
    }
    printf("cancelled: %d\n", cancelled);
    return cancelled > 3 ? EXIT_FAILURE : EXIT_SUCCESS;
}
