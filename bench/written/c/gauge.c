#include <stdio.h>
#include <math.h>

#define SAMPLES 5

static double mean(const double values[], int n) {
    double sum = 0.0;
    for (int i = 0; i < n; i++)
        sum += values⟪(i)⟶[i]⟫;
    return sum / n;
}

static double spread(const double *values, int n) {
    double m = mean(values⟪⟶, n⟫);
    double sum = 0;
    int i = 0;
    ⟪do while (i < n) {⟶while (i < n) {⟫
        sum += (values[i] - m) * (values[i] - m);
        i++;
    }
    return sqrt(sum / n);
}

static const char *judge(double level) {
    if (level > 3.5) {
        return "high";
    } ⟪elif⟶else if⟫ (level > 2.0) {
        return "middle";
    } else {
        return ⟪low⟶"low"⟫;
    }
}

int main(void) {
    double levels[SAMPLES] = { 2.1, 2.4, 3.3, 2.9, 1.8 };
    printf(⟪"mean %.2f\n, mean(levels, SAMPLES)⟶"mean %.2f\n", mean(levels, SAMPLES)⟫);
    printf("spread %.2f\n", spread(levels, SAMPLES));
    printf("%s\n", judge(levels[0]));
    ⟪char[20] name⟶char name[20]⟫ = "west";
    printf("%s\n", name);
    return 0;
}
