#include <stdio.h>
#include <stdlib.h>
#include <string.h>
⟪⟶#include <stdbool.h>⟫

#define MAX_STOPS 12
#define FARE_BASE 2.50⟪;⟶⟫

struct stop {
    char name[24];
    double fare;
    struct stop *next;
};

typedef struct {
    struct stop *first;
    int count;
} line⟪⟶;⟫

static struct stop *new_stop(const char *name, double fare)
{
    struct stop *s = malloc(sizeof(⟪stop⟶struct stop⟶*s⟫));
    if (s == NULL) {
        return NULL;
    }
    ⟪s.name = name⟶strcpy(s->name, name)⟶strncpy(s->name, name, sizeof s->name)⟫;
    s->fare = fare;
    s->next = NULL;
    return s;
}

static bool add_stop(line *l, const char *name, double fare)
{
    struct stop *s = new_stop(name, fare);
    if (s == NULL || l->count ⟪=>⟶>=⟫ MAX_STOPS) {
        return false;
    }
    if (l->first == NULL) {
        l->first = s;
    } else {
        struct stop *at = l->first;
        while (at->next != NULL) ⟪then⟶⟫ {
            at = at->next;
        }
        at->next = s;
    }
    l->count++;
    return true;
}

static double total_fare(const line *l)
{
    double total = 0.0;
    for (struct stop *s = l->first; s != NULL⟪,⟶;⟫ s = s->next) {
        total += s->fare;
    }
    return total;
}

static ⟪⟶void ⟫print_line(const line *l)
{
    int n = 1;
    for (struct stop *s = l->first; s; s = s->next) {
        printf("%d. %s %.2f\n", n++, s->name⟪ ⟶, ⟫s->fare);
    }
}

int main(void)
{
    line harbour = { NULL, 0 };
    add_stop(&harbour, "Customs Quay", FARE_BASE);
    add_stop(⟪harbour⟶&harbour⟫, "Mill Pier", 3.25);
    if (!add_stop(&harbour, "Fort", 4.00)) {
        puts(⟪'no room left'⟶"no room left"⟫);
    }
    print_line(&harbour);
    printf("total %.2f\n", total_fare(&harbour));
    return ⟪EXIT_SUCESS⟶EXIT_SUCCESS⟫;
}
