#include <stdio.h>

#define SAILINGS 5

/* Prints the day's sailings and the longest wait between two of them. */
int longest_wait(const int *minutes, int count) {
    int longest = 0;
    for (int i = 1; i < count; i++) {
        int wait = minutes[i] - minutes[i - 1];
        if (wait > longest) {
            longest = wait;
        }
    }
    return longest;
}

void print_time(int minutes) {
    int hour = minutes / 60;
    int rest = minutes % 60;
    printf("%02d:%02d", hour, rest);
}

int main(void) {
    int minutes[SAILINGS] = {390, 480, 615, 780, 1020};
    printf("Sailings today:\n");
    for (int i = 0; i < SAILINGS; i++) {
        printf("  ");
        print_time(minutes[i]);
        printf("\n");
    }
    printf("Longest wait: %d minutes\n", longest_wait(minutes, SAILINGS));
    return 0;
}
