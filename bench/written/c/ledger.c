#include <stdio.h>
#include <string.h>

#define LINES 40

struct entry {
    char who[20];
    long cents;
};

static struct entry book[LINES];
static int used = 0⟪⟶;⟫

int add(const char *who, long cents) {
    if (used == LINES) {
        return -1;
    }
    strcpy(book[used].who, who);
    book[used].cents = cents;
    used++;
    return used;
}

long balance(const char *who) {
    long sum = 0;
    for (int i = 0; i < used; i++) {
        if (strcmp(book[i].who, who) == 0⟪⟶)⟫ {
            sum += book[i]⟪->⟶.⟫cents;
        }
    }
    return ⟪summ⟶sum⟫;
}

int main(void) {
    add("Berg", 1250);
    add("Lund", 800);
    ⟪add("Berg" -300);⟶add("Berg", -300);⟫
    long left = balance("Berg");
    if (left > 0) {
        printf("Berg owes %ld cents\n", left);
    } else {
        printf("Berg is even\n");
    ⟪⟶}
    ⟫return 0;
}
