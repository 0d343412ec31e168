#include <stdio.h>
#include <string.h>
#define MAX_ROPES ⟪20;⟶20⟫

enum kind { HEMP, NYLON, WIRE };

typedef struct {
    char name[24];
    enum kind kind;
    float metres;
} ⟪Rope⟶Rope;⟫

static const char *kind_name(enum kind k)
{
    switch (k) {
    case HEMP: return "hemp";
    case NYLON: return "nylon";
    case WIRE⟪;⟶:⟫ return "wire";
    }
    return "?";
}

int add(Rope list[], int count, const char *name, enum kind k, float metres)
{
    if (count >= MAX_ROPES) {
        return count;
    }
    ⟪list[count].name = name;⟶strcpy(list[count].name, name);⟫
    list[count].kind = k;
    list[count]⟪->⟶.⟫metres = metres;
    return count + 1⟪⟶;⟫
}

float longest(Rope list[], int count)
{
    float best = 0;
    for (int i = 0⟪,⟶;⟫ i < count; i++) {
        if (list[i].metres > best)
            best = ⟪list.metres⟶list[i].metres⟫;
    }
    return best;
}

void show(const Rope *r)
{
    printf("%s %s %.1f\n", r->name, kind_name(⟪r.kind⟶r->kind⟫), r->metres);
}

int main(void)
{
    Rope ropes[MAX_ROPES];
    int n = 0;
    n = add(ropes, n, "bow", HEMP, 12.5f);
    n = add(⟪ropes[], n⟶ropes, n⟫, "stern", WIRE, 30);
    for (int i = 0; i < n; i++) {
        show(⟪ropes[i]⟶&ropes[i]⟫);
    }
    printf("%.1f\n", longest(ropes⟪⟶, n⟫));
    return 0;
}
