#include <stdio.h>
#include <limits.h>

#define WEEKS 4
#define DAYS 7

// Passengers of a month, week by week.
static int guests[WEEKS][DAYS] = {
    {120, 98, 75, 130, 210, 340, 300},
    {110, 87, 90, 140, 230, 310, 280},
    {95, 102, 99, 150, 190, 290, 310},
    {130, 111, 85, 125, 205, 330, 325},
};

int week_total(int week) {
    int total = 0;
    for (int day = 0; day < DAYS; day++) {
        total += guests[week][day];
    }
    return total;
}

int main(void) {
    int best = -1;
    int most = INT_MIN;
    for (int week = 0; week < WEEKS; week++) {
        int total = week_total(week);
        if (total > most) {
            most = total;
            best = week;
        }
        printf("week %d: %d guests\n", week + 1, total);
    }
    printf("week %d was the best, with %d guests\n", best + 1, most);
    double share = (double)most / (WEEKS * DAYS);
    printf("%.2f\n", share);
    return 0;
}
