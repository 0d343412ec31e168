#include <stdio.h>⟪⟶
#include <stdlib.h>⟫

typedef struct shift {
    int day;
    int hours;
    struct shift *next;
} shift;

shift *add(shift *list, int day, int hours) {
    shift *one = malloc(sizeof(shift));
    if (one =⟪⟶=⟫ NULL) {
        return list;
    }
    one->day = day;
    one->hours = hours;
    one->next = list;
    return one;
}

int total(const shift *list)⟪⟶ {⟫
    int sum = 0;
    while (list != NULL) {
        sum += list->hours;
        list = list->next;
    }
    return sum;
}

int main(void) {
    shift *week = NULL;
    for (int day = 1; day <= 5; day++) {
        week = add(week, ⟪⟶day, ⟫8);
    }
    printf("%d hours\n", total(week));
    return 0;
}
