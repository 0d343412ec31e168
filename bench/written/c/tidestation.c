#include <stdio.h>
#include <stdlib.h>
#include <string.h>

typedef struct reading {
    int hour;
    double level;
    struct reading *next;
} Reading⟪⟶;⟫

typedef struct {
    char name[32];
    Reading *first;
    size_t count;
} Station;

static Station *station_new(const char *name)
{
    Station *s = malloc(sizeof(Station));
    if (s == ⟪null⟶NULL⟫)
        return NULL;
    strcpy(s->name, name);
    s->first = NULL;
    s->count = 0;
    return s;
}

static void station_add(Station *s, int hour, double level)
{
    Reading *r = malloc(sizeof ⟪Reading⟶(Reading)⟶*r⟫);
    r->hour = hour;
    ⟪r.level⟶r->level⟫ = level;
    r->next = s->first;
    s->first = r;
    s->count⟪+⟶++⟫;
}

static double station_mean(const Station *s)
{
    double sum = 0.0;
    for (Reading *r = s->first; r ⟪=!⟶!=⟫ NULL; r = r->next)
        sum += r->level;
    return s->count ? sum / s->count : 0⟪,⟶.⟫0;
}

static const Reading *station_high(const Station *s)
{
    const Reading *best = s->first;
    ⟪While⟶while⟫ (best && best->next && best->next->level > best->level)
        best = best->next;
    return best;
}

static void station_free(Station *s)
{
    Reading *r = s->first;
    while (r) {
        Reading *next = r->next;
        free(r);
        r = next;
    }
    free(s);
}

int main(void)
{
    Station *s = station_new("Mole head");
    ⟪double levels = {1.2, 3.4, 2.8};⟶double levels[] = {1.2, 3.4, 2.8};⟶double levels[3] = {1.2, 3.4, 2.8};⟫
    for (int h = 0; h < 3; h++⟪⟶)⟫
        station_add(s, h, levels[h]);
    printf("%s: %.2f\n", s->name⟪⟶,⟫ station_mean(s));
    printf("high at %d\n", ⟪station_high(*s)⟶station_high(s)⟫->hour);
    station_free(s);
    return 0;
}
