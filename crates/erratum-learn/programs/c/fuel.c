#include <stdio.h>
#include <math.h>

/* How much fuel a crossing takes, against the wind or with it. */
double crossing_hours(double miles, double knots) {
    return miles / knots;
}

double fuel_needed(double miles, double knots, double wind) {
    double hours = crossing_hours(miles, knots);
    double drag = 1.0 + fabs(wind) / 20.0;
    double litres = hours * 45.0 * drag;
    if (litres < 10.0) {
        litres = 10.0;
    }
    return litres;
}

int main(void) {
    double winds[] = {-8.0, 0.0, 6.5, 12.0};
    int count = 4;
    double sum = 0.0;
    for (int i = 0; i < count; i++) {
        double litres = fuel_needed(6.2, 9.5, winds[i]);
        sum = sum + litres;
        printf("wind %5.1f: %6.1f litres\n", winds[i], litres);
    }
    double mean = sum / count;
    printf("on average %.1f litres\n", mean);
    printf("rounded up %.0f litres\n", ceil(mean));
    return 0;
}
