#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <stdbool.h>

#define MAX 6

enum kind { TUG, FERRY, YACHT };

struct boat {
    char name[20];
    enum kind kind;
    double length;
    struct boat *next;
};

static int count = 0;

static const char *text(enum kind kind)
{
    switch (kind) {
    case TUG:
        return "tug";
    case FERRY:
        return "ferry";
    default:
        return "yacht";
    }
}

static struct boat *add(struct boat *first, const char *name, enum kind kind, double length)
{
    struct boat *boat = malloc(sizeof *boat);
    if (boat == NULL) {
        return first;
    }
    strcpy(boat->name, name);
    boat->kind = kind;
    boat->length = length;
    boat->next = first;
    count++;
    return boat;
}

static double fee(const struct boat *boat, int days)
{
    double base = boat->kind == FERRY ? 12.5 : 4.0;
    if (days > 3) {
        base *= 0.9;
    } else {
        base += 1;
    }
    return base * days;
}

static bool fits(struct boat boat, double place)
{
    return boat.length <= place;
}

static int longest(const double lengths[], int n)
{
    int best = 0;
    for (int i = 1; i < n; i++) {
        if (lengths[i] > lengths[best])
            best = i;
    }
    return best;
}

int main(void)
{
    struct boat *first = NULL;
    double lengths[MAX] = {9.5, 24.0, 7.25};
    first = add(first, "Auk", TUG, lengths[0]);
    first = add(first, "Skua", FERRY, lengths[1]);
    for (struct boat *b = first; b != NULL; b = b->next) {
        printf("%s is a %s\n", b->name, text(b->kind));
        printf("%.2f\n", fee(b, 4));
    }
    int best = longest(lengths, 3);
    while (best > 0) {
        best--;
    }
    printf("%d %d\n", count, fits(*first, 10.0));
    free(first);
    return 0;
}
