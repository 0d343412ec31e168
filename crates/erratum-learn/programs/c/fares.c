#include <stdio.h>
#include <string.h>

// Fares depend on the zone and on who travels.
double base_fare(int zone) {
    switch (zone) {
        case 1:
            return 2.5;
        case 2:
            return 3.8;
        default:
            return 5.0;
    }
}

double fare_for(int zone, const char *kind) {
    double fare = base_fare(zone);
    if (strcmp(kind, "child") == 0) {
        fare = fare / 2;
    } else if (strcmp(kind, "crew") == 0) {
        fare = 0.0;
    }
    return fare;
}

int main(void) {
    const char *kinds[] = {"grown", "child", "crew"};
    double total = 0.0;
    for (int zone = 1; zone <= 3; zone++) {
        for (int k = 0; k < 3; k++) {
            double fare = fare_for(zone, kinds[k]);
            printf("zone %d %s: %.2f\n", zone, kinds[k], fare);
            total += fare;
        }
    }
    printf("all together %.2f\n", total);
    return 0;
}
