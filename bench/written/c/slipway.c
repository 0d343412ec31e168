#include <stdio.h>
#include <stdlib.h>
#include <string.h>
⟪#include <stdbool>⟶#include <stdbool.h>⟫

#define SLIPS 6

typedef struct {
    char name[24];
    int length;
    bool taken;
} Slip;

static int add_slip(Slip *slips, int count, const char *name, int length) {
    if (count >= SLIPS) {
        return count;
    }
    ⟪slips[count].name = name;⟶strcpy(slips[count].name, name);⟶strncpy(slips[count].name, name, sizeof slips[count].name - 1);⟫
    slips[count].length = length;
    slips[count].taken = false;
    return count + 1;
}

static int longest_free(Slip slips[], int count) {
    int best = -1;
    for (int i = 0; i < count; i++) {
        if (⟪!slips[i]->taken⟶!slips[i].taken⟫ && (best < 0 || slips[i].length > slips[best].length)) {
            best = i;
        }
    }
    return best;
}

static void show(const Slip *slip) {
    printf("%-10s %3d m %s\n", slip->name, slip->length, slip->taken ? "taken" : "free")⟪⟶;⟫
}

int main(void) {
    Slip slips[SLIPS];
    int count = 0;
    count = add_slip(slips, count, "north", 18);
    count = add_slip(slips, ⟪"south", 25⟶count, "south", 25⟫);
    count = add_slip(slips, count, "old mill", 12);
    int at = longest_free(slips, count);
    if (at >= 0) ⟪⟶{⟫
        slips[at].taken = true;
        printf("takes %s\n", slips[at].name);
    } else {
        puts("no free slip");
    }
    for (int i = 0; i < count; i++) {
        show(⟪slips[i]⟶&slips[i]⟶slips + i⟫);
    }
    return EXIT_SUCCESS;
}
