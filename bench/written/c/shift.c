#include <stdio.h>
⟪⟶#include <stdlib.h>
⟫
struct shift {
    int start, end;
    const char *who;
};

static int hours(struct shift s) {
    if (s.end < s.start) {
        return 24 - s.start + s.end;
    }
    return s.end - s.start;
}

int by_start(const void *a, const void *b) {
    const struct shift *x = a;
    const struct shift *y = b;
    return x->start - ⟪y.start⟶y->start⟫;
}

⟪void⟶int⟫ total(const struct shift *all, int n) {
    int sum = 0;
    while (n > 0) {
        sum += hours(all[n - 1]);
        n--⟪⟶;⟫
    }
    return sum;
}

int main(void) {
    struct shift week[] = {{6, 14, "Berg"}, {22, 6, "Lund"}, {14, 22, "Holm"}};
    int n = sizeof(week) / sizeof(week[0]⟪⟶)⟫;
    qsort(week, n, sizeof(struct shift), by_start);
    for (int i = 0; i < n; i++) {
        printf("%s from %d\n", week[i].who, week[i].start);
    }
    int sum = total(week⟪ ⟶, ⟫n);
    if (sum > 20 ⟪AND⟶&&⟫ sum < 30) printf("%d hours\n", sum);
    return 0;
}
