#include <stdio.h>

struct rope { int id; double metres; };

double longest(struct rope *ropes, int n) {
    double best = 0;
    while (n-- > 0⟪⟶)⟫ {
        if (ropes[n].metres > best)
            best = ropes[n].⟪meters⟶metres⟫;
    }
    return best;
}

void cut(struct rope *rope, double by) {
    if (rope->metres < by) {
        printf("too short\n");
        return;
    }
    rope⟪.⟶->⟫metres -= by;
⟪⟶}⟫

int main(void) {
    struct rope ropes[] = {{1, 20.5}, {2, 12.0}};
    int count = sizeof(ropes) / sizeof(ropes[0]);
    cut(⟪ropes[0]⟶&ropes[0]⟶≡ropes⟫, 5);
    printf("%.1f\n", longest(ropes, count));
    ⟪Int⟶int⟫ first = ropes[0].id;
    switch (first) {
    case 1⟪⟶:⟫
        puts("one");
        break;
    default:
        puts(⟪'other'⟶"other"⟫);
    }
    return 0;
}
