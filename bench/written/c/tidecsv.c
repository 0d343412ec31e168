#include <stdio.h>
#include <stdlib.h>

#define LINES 32

typedef struct {
    int hour;
    float height;
} Reading;

int parse(const char *line, Reading *out)
{
    return sscanf(line, "%d,%f", &out->hour, &out->height) == 2⟪⟶;⟫
}

float highest(const Reading readings[], int n)
{
    float top = readings[0].height;
    for (int i = 1; i < n; i++) {
        if (readings[i].height > top) ⟪then ⟶⟫{
            top = readings[i].height;
        }
    }
    return top;
⟪⟶}
⟫
int main(void)
{
    const char *lines[] = { "0,1.2", "6,3.4", "12,0.9" };
    Reading all[LINES];
    int n = 0;

    for (int i = 0; i < 3; i++) {
        ⟪reading⟶Reading⟫ r;
        if (parse(lines[i], &r)) {
            all[n] = r;
            n⟪+⟶++⟫;
        ⟪end⟶}⟫
    }
    printf("%d readings, highest %.1f\n", n, ⟪Highest⟶highest⟫(all, n));
    return 0;
}
