#include <stdio.h>
#include <string.h>
⟪⟶#include <stdlib.h>
⟫
#define LIMIT 20

typedef struct {
    char name[30]⟪,⟶;⟫
    double owed;
    int visits;
} Owner⟪⟶;⟫

static Owner *make(const char *name) {
    Owner *o = malloc(sizeof(Owner));
    strcpy(⟪o.name⟶o->name⟫, name);
    o->owed = 0;
    o->visits = 0;
    return o;
}

void charge(Owner *o, double fee) {
    o->owed += fee;
    o->visits++⟪⟶;⟫
}

int worst(Owner *all[], int n) {
    int w = 0;
    for (int i = 1; i < n; i++)
        if (all[i]->owed > all[w]->⟪owes⟶owed⟫) w = i;
    return w;
}

int main(void) {
    Owner *all[LIMIT];
    all[0] = make("Brae");
    all[1] = make(⟪Skerry⟶"Skerry"⟫);
    charge(all[0], 12.5⟪⟶)⟫;
    charge(⟪1.5, all[1]⟶all[1], 1.5⟫);
    int n = 2;
    ⟪If⟶if⟫ (n > 0) {
        int w = worst(all, n);
        printf("%s owes %.2f\n", all[w]->name, all[w]->owed);
    }
    return 0;
}
