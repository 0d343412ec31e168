#include <stdio.h>

#define RATE 1.25

double cost(int kilos, double rate) {
    return kilos * rate;
}

int heavier(int a, int b⟪⟶)⟫ {
    if (a > b) {
        return a;
    }
    return b;
}

void print_row(const char *name, int kilos) {
    printf("%-10s %6d %8.2f\n", name, kilos, cost(kilos, RATE));
}

int main(void) {
    int crates[3] = {40, 75, 12};
    int most = 0;
    ⟪integer⟶int⟫ i = 0;
    while (i < 3) {
        most = heavier(most, crates[i]);
        print_row("crate", crates[i]);
        i⟪++ 1⟶ += 1⟶≡++⟫;
    }
    char name[] = "rope"⟪⟶;⟫
    print_row(name, ⟪mostt⟶most⟫);
    return 0;
}
