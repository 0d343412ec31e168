#include <stdio.h>
#include <stdbool.h>

#define HOURS 12

// The ferry needs two metres of water at the pier.
bool deep_enough(double level) {
    double needed = 2.0;
    return level >= needed;
}

int count_open(const double *levels, int count) {
    int open = 0;
    for (int hour = 0; hour < count; hour++) {
        if (deep_enough(levels[hour])) {
            open++;
        }
    }
    return open;
}

double highest(const double *levels, int count) {
    double best = levels[0];
    int hour = 1;
    while (hour < count) {
        if (levels[hour] > best) {
            best = levels[hour];
        }
        hour++;
    }
    return best;
}

int main(void) {
    double levels[HOURS] = {0.8, 1.1, 1.9, 2.4, 3.0, 3.3, 3.1, 2.6, 2.0, 1.4, 0.9, 0.7};
    int open = count_open(levels, HOURS);
    printf("The pier is open for %d hours.\n", open);
    printf("The highest tide is %.1f metres.\n", highest(levels, HOURS));
    if (open > 6) {
        printf("A good day for sailing.\n");
    } else {
        printf("Few sailings today.\n");
    }
    return 0;
}
