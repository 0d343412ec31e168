#include <stdio.h>

#define LANES 3

int total_weight(int lanes[], int count) {
    int sum = 0;
    int i;
    for (i = 0; i < count; i++) {
        sum += lanes[i];
    }
    return sum;
}

int lightest_lane(int lanes[], int count) {
    int best = 0;
    int i;
    for (i = 1; i < count; i++) {
        if (lanes[i] < lanes[best]) {
            best = i;
        }
    }
    return best;
}

int main(void) {
    int lanes[LANES] = {0, 0, 0};
    int cars[] = {1200, 900, 1500, 2100, 1100, 800};
    int number = sizeof(cars) / sizeof(cars[0]);
    int i;

    for (i = 0; i < number; i++) {
        int lane = lightest_lane(lanes, LANES);
        lanes[lane] += cars[i];
        printf("car %d goes to lane %d\n", i + 1, lane + 1);
    }
    do {
        number--;
    } while (number > 3);
    printf("weight on board: %d kg\n", total_weight(lanes, LANES));
    return 0;
}
