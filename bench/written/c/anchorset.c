#include <stdio.h>
#include <stdlib.h>
⟪⟶#include <string.h>
⟫
#define MAX 8

typedef struct {
    char name[20];
    int kilos;
    double rode;
} Anchor⟪⟶;⟫

static Anchor set[MAX];
static int count = 0;

int add(const char *name, int kilos, double rode) {
    if (count ⟪=>⟶>=⟫ MAX) {
        return 0;
    }
    ⟪set[count].name = name⟶strcpy(set[count].name, name)⟫;
    set[count].kilos = kilos;
    set[count].rode = rode;
    count++;
    return 1⟪⟶;⟫
}

Anchor *heaviest(void) {
    Anchor *best = ⟪set[0]⟶&set[0]⟶set⟫;
    for (int i = 1; i < count; i++) {
        if (set[i].kilos > best⟪.⟶->⟫kilos) {
            best = &set[i];
        }
    }
    return best;
}

int main(void) {
    add("bower", 40, 30.5);
    add("kedge", ⟪"15"⟶15⟫, 20);
    Anchor *a = heaviest();
    printf("%s %d\n", a->name, a->kilos);
    double sum = 0;
    for (int i = 0⟪,⟶;⟫ i < count; i++) {
        sum += set[i].⟪rope⟶rode⟫;
    }
    printf("%.1f\n"⟪⟶,⟫ sum);
    return 0;
}
