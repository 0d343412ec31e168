#include <stdio.h>
#include <math.h>

#define STATIONS 6
#define DAYS 3

// Depths in decimetres, one row a day.
int depths[DAYS][STATIONS] = {
    {31, 28, 40, 22, 35, 30},
    {33, 27, 41, 20, 36, 29},
    {30, 26, 43, 19, 37, 31}
};

double mean(int values[], int n)
{
    int i, sum = 0;

    for (i = 0; i < n; i++)
        sum += values[i];
    return (double) sum / n;
}

double deviation(int values[], int n)
{
    double m = mean(values, n);
    double squares = 0.0;
    int i;

    for (i = 0; i < n; i++) {
        double d = values[i] - m;
        squares += d * d;
    }
    return sqrt(squares / n);
}

void column(int station, int out[])
{
    int day;

    for (day = 0; day < DAYS; day++)
        out[day] = depths[day][station];
}

int main(void)
{
    int station, day;
    int shallow = 0;
    int values[DAYS];

    for (day = 0; day < DAYS; day++) {
        printf("day %d: mean %.1f, deviation %.2f\n", day + 1,
               mean(depths[day], STATIONS), deviation(depths[day], STATIONS));
    }
    for (station = 0; station < STATIONS; station++) {
        column(station, values);
        if (mean(values, DAYS) < 25) {
            printf("station %d is too shallow\n", station);
            shallow++;
        } else if (values[DAYS - 1] < values[0]) {
            printf("station %d silts up\n", station);
        }
    }
    if (shallow == 0)
        printf("all stations are deep enough\n");
    return 0;
}
