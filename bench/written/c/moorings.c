#include <stdio.h>
#include <string.h>

#define BERTHS ⟪= 12;⟶12⟫

struct mooring {
    char boat[24];
    int length;
    double fee;
};

static double due(const struct mooring *one, int nights) {
    double sum = one⟪.⟶->⟫fee * nights;
    if (one->length > 15) {
        sum = sum * 1.25;
    }
    return sum;
}

static int find(struct mooring all[], int count, const char *boat) {
    for (int i = 0; i < count; i++) {
        if (strcmp(all[i].boat, boat) == 0) {
            return i;
        }
    }
    return -1;
}

int main(void) {
    struct mooring all[BERTHS] = {{"Petrel", 11, 18.5}, {"Skua", 17, 30⟪,⟶.⟫0}};
    int place = find(all, 2, "Skua");
    if (place >= 0) {
        printf("%s owes %.2f\n", all[place].boat, due(⟪⟶&⟫all[place], 3));
    }
    return 0;
}
