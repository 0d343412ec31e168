/* The timetable of the harbour ferry. */
#include <stdio.h>

#define SAILINGS 4

struct sailing {
    int hour;
    int seats;
    double fare;
};

double takings(struct sailing *list, int count) {
    double total = 0.0;
    for (int i = 0; i < count; i++) {
        total += list[i].seats * list[i].fare;
    }
    return total;
}

int latest(struct sailing *list, int count) {
    int hour = 0
    for (int i = 0; i < count; i++) {
        if (list[i].hour > hour) {
            hour = list[i].hour;
        }
    }
    return hour;
}

int main(void) {
    struct sailing day[SAILINGS] = {
        {7, 40, 3.5}, {9, 28, 3.5}, {13, 35, 4.0}, {18, 44, 4.0},
    };
    double sum = takings(day, SAILINGS);
    printf("Takings: %.2f\n", summ);
    printf("Last sailing: %d\n", latest(day, SAILINGS);
    return 0;
}
