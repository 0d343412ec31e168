#include <stdio.h>

#define PLACES 8

int waiting[PLACES];
int first = 0;
int length = 0;

int is_full(void) {
    return length == PLACES;
}

int join_queue(int cars) {
    if (is_full()) {
        return 0;
    }
    int last = (first + length) % PLACES;
    waiting[last] = cars;
    length++;
    return 1;
}

int leave_queue(void) {
    if (length == 0) {
        return -1;
    }
    int cars = waiting[first];
    first = (first + 1) % PLACES;
    length--;
    return cars;
}

int main(void) {
    for (int n = 1; n <= 10; n++) {
        if (!join_queue(n * 2)) {
            printf("no place for group %d\n", n);
        }
    }
    int boarded = 0;
    int cars = leave_queue();
    while (cars != -1) {
        boarded += cars;
        cars = leave_queue();
    }
    printf("%d cars went on board\n", boarded);
    return 0;
}
