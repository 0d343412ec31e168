#include <stdio.h>

struct berth {
    int number;
    int length;
    int taken;
};

int find_berth(struct berth *berths, int count, int length) {
    for (int i = 0; i < count; i++) {
        if (!berths[i].taken && berths[i].length >= length) {
            return i;
        }
    }
    return -1;
}

void show(const struct berth *one) {
    printf("berth %d, %d metres, %s\n", one->number, one->length, one->taken ? "taken" : "free");
}

int main(void) {
    struct berth berths[3] = {{1, 20, 1}, {2, 35, 0}, {3, 50, 0}};
    int wanted[] = {30, 40, 25};
    for (int i = 0; i < 3; i++) {
        int place = find_berth(berths, 3, wanted[i]);
        if (place == -1) {
            printf("no berth for %d metres\n", wanted[i]);
            continue;
        }
        berths[place].taken = 1;
        printf("%d metres go to berth %d\n", wanted[i], berths[place].number);
    }
    for (int i = 0; i < 3; i++) {
        show(&berths[i]);
    }
    return 0;
}
