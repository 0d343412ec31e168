#include <stdio.h>

#define READINGS 5

typedef enum { LOW, MID, HIGH }⟪; level_t⟶ level_t;⟫

typedef struct {
    float value;
    level_t level;
} reading;

⟪level⟶level_t⟫ classify(float value)
{
    if (value < 1.0)
        return LOW;
    else if (value < 2.5)
        return MID;
    else⟪ (value >= 2.5)⟶⟶ if (value >= 2.5)⟫
        return HIGH;
}

const char *name(level_t level)
{
    switch (level) {
    case LOW: return "low";
    case MID: return "mid";
    default: return ⟪'high'⟶"high"⟫;
    }
}

float mean(reading *all, int n)
{
    float sum = 0;
    int i;
    for (i = 0; i < n; i++)
        sum += ⟪all[i]⟶all[i].value⟫;
    return sum / n;
}

int main(void)
{
    reading all[READINGS];
    float values[] = ⟪[0.4, 1.2, 2.9, 3.3, 2.2]⟶{0.4, 1.2, 2.9, 3.3, 2.2}⟫;

    for (int i = 0; i < READINGS; i++) {
        all[i].value = values[i];
        all[i].level = classify(values[i]⟪⟶)⟫;
    }
    int high = 0;
    for (int i = 0; i < READINGS; i++) {
        if (all[i].level ⟪equals⟶==⟫ HIGH)
            high++;
        ⟪print⟶printf⟫("%d %s\n", i, name(all[i].level));
    }
    printf("mean %.2f, high %d\n", mean(all⟪⟶, READINGS⟫), high);
    return 0⟪⟶;⟫
}
