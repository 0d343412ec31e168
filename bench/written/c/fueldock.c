#include <stdio.h>
#include <stdlib.h>
⟪⟶#include <stdbool.h>
⟫
#define MAX_TANKS 6

enum grade { DIESEL, PETROL, HEAVY };

struct tank {
    enum grade grade;
    double litres;
    bool open;
};

static struct tank tanks[MAX_TANKS];
static int count = 0;

int add_tank(enum grade grade, double litres)
{
    if (count >= MAX_TANKS⟪⟶)⟫
        return 0;
    tanks[count].grade = grade;
    tanks[count].litres = litres;
    tanks[count].open = true;
    count⟪+⟶++⟫;
    return 1;
}

double total(enum grade grade)
{
    double sum = 0;
    for (int i = 0; i < count; i++) {
        if (tanks[i].grade == grade) {
            sum += ⟪tanks.litres⟶tanks[i].litres⟫;
        }
    }
    return sum;
}

int sell(struct tank *t, double litres)
{
    if (⟪t.litres⟶t->litres⟫ < litres) {
        return 0;
    }⟪ elseif ⟶ else if ⟫(!t->open) {
        return 0;
    }
    t->litres -= litres;
    return 1;
}

int main(void)
{
    add_tank(DIESEL, 900.0);
    add_tank(PETROL⟪ ⟶, ⟫300.0);
    if (sell(⟪tanks[0]⟶&tanks[0]⟫, 120.0)) {
        printf("sold, %.1f left\n", tanks[0].litres);
    }
    double diesel = total(DIESEL⟪;⟶);⟫
    printf("diesel: %.1f\n", diesel);
    return 0;
}
