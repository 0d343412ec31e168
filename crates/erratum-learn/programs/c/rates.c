#include <stdio.h>
#include <stdlib.h>
#include <time.h>

#define RATES 4
#define SEED 42

typedef double (*rate_function)(double, int);

double plain(double fare, int people) {
    return fare * people;
}

double group(double fare, int people) {
    if (people >= 10)
        return fare * people * 0.8;
    return plain(fare, people);
}

double family(double fare, int people) {
    int paying = people > 2 ? 2 + (people - 2) / 2 : people;
    return plain(fare, paying);
}

double night(double fare, int people) {
    return plain(fare, people) + 5.0;
}

int main(void) {
    rate_function rates[RATES] = { plain, group, family, night };
    char *names[RATES] = { "plain", "group", "family", "night" };
    int wins[RATES] = { 0 };
    long rounds = 1000;
    time_t started = time(NULL);

    srand(SEED);
    for (long round = 0; round < rounds; round++) {
        int people = rand() % 15 + 1;
        double cheapest = -1.0;
        int winner = 0;
        for (int r = 0; r < RATES; r++) {
            double price = rates[r](7.5, people);
            if (cheapest < 0 || price < cheapest) {
                cheapest = price;
                winner = r;
            }
        }
        wins[winner] += 1;
    }
    for (int r = 0; r < RATES; r++) {
        printf("%-8s won %4d times (%5.1f%%)\n", names[r], wins[r], 100.0 * wins[r] / rounds);
    }
    if (difftime(time(NULL), started) > 2) {
        printf("that took long\n");
    }
    return 0;
}
