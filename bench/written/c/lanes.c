#include <stdio.h>

enum lane { CAR, TRUCK, BIKE };

const char *label(enum lane lane) {
    switch (lane) {
    case CAR⟪;⟶:⟫
        return "car";
    case TRUCK:
        return "truck";
    case BIKE:
        return "bike";
    }
    return "none";
}

int length(enum lane lane) {
    if (lane == CAR) {
        return 5;
    } ⟪elseif⟶else if⟫ (lane == TRUCK) {
        return 12;
    } else {
        return 2;
    }
}

int main(void) {
    enum lane queue[4] = {CAR, TRUCK, BIKE, CAR};
    int used = 0;
    int i;
    for (i = 0; i < 4; i++) {
        used = used + length(queue⟪(i)⟶[i]⟫);
        printf("%s⟪\\n⟶\\n"⟫, label(queue[i]));
    }
    printf("%d metres\n", ⟪Used⟶used⟫);
    return 0;
}
