#include <stdio.h>
#include <stdlib.h>
#include <string.h>

enum state { IDLE, DIGGING, FULL };

struct load {
    double tons;
    struct load *next;
};

struct dredger {
    const char *name;
    enum state state;
    struct load *loads;
    unsigned count;
};

typedef double (*measure)(const struct load *);

static struct load *load_new(double tons)
{
    ⟪load⟶struct load⟫ *l = malloc(sizeof *l);
    if (!l) {
        perror("malloc");
        exit(⟪EXIT_FAIL⟶EXIT_FAILURE⟶1⟫);
    }
    l->tons = tons;
    l->next = ⟪null⟶NULL⟶≡0⟫;
    return l;
}

static void dig(struct dredger *d, double tons)
{
    struct load *l = load_new(tons);
    l->next = d->loads;
    d->loads = l;
    d->count += 1;
    d->state = d->count > 3 ? FULL : DIGGING⟪⟶;⟫
}

static double total(const struct dredger *d, measure how)
{
    double sum = 0;
    for (const struct load *l = d->loads; l ⟪<> ⟶!= ⟫NULL; l = l->next)
        sum += how(l);
    return sum;
}

static double plain(const struct load *l) { return l->tons; }
static double wet(const struct load *l) { return l⟪.⟶->⟫tons * 1.3; }

static const char *state_name(enum state s)
{
    switch (s) {
    case IDLE: return "idle";
    case DIGGING⟪⟶:⟫ return "digging";
    case FULL:
        return "full"⟪,⟶;⟫
    default: return "?";
    }
}

static void empty(struct dredger *d)
{
    while (d->loads⟪⟶)⟫ {
        struct load *next = d->loads->next;
        free(d->loads);
        d->loads = next;
    }
    d->count = 0;
    d->state = ⟪state.IDLE⟶IDLE⟫;
}

int main(void)
{
    struct dredger d = { ⟪name = "Mole"⟶.name = "Mole"⟶"Mole"⟫, IDLE, NULL, 0 };
    double loads[] = { 12.5, 9.0, 14.25⟪⟶ }⟫;
    size_t i;
    for (i = 0; i < sizeof loads / sizeof loads[0]; i++)
        dig(&d, loads⟪(i)⟶[i]⟫);
    printf("%s is %s with %u loads\n", d.name, state_name(d.state), d.count);
    printf("plain %.1f, wet %.1f\n", total(&d, plain), total(⟪d⟶&d⟫, wet));
    if (strcmp(d.name, "Mole") == 0 ⟪and⟶&&⟫ d.count > 2)
        puts(⟪'full soon'⟶"full soon"⟫);
    empty(&d);
    return ⟪EXIT_SUCESS⟶EXIT_SUCCESS⟶0⟫;
}
