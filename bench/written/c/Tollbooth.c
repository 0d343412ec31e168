#include <stdio.h>

#define LANES 4

struct lane {
    int number;
    int passed⟪,⟶;⟫
    float toll;
};

float takings(struct lane lanes[], int n)
{
    float sum = 0;
    ⟪for i = 0; i < n; i++⟶for (int i = 0; i < n; i++)⟫ {
        sum += lanes[i].passed * lanes[i].toll;
    }
    return sum;
}

void raise(struct lane *lane, float percent)
{
    ⟪*lane.toll⟶lane->toll⟶(*lane).toll⟫ = lane->toll * (1 + percent / 100);
}

int busiest(struct lane lanes[], int n)
{
    int at = 0;
    int i = 1;
    ⟪While⟶while⟫ (i < n) {
        if (lanes[i].passed > lanes[at].passed) {
            at = i;
        ⟪⟶}⟫
        i++;
    }
    return at;
}

int main(void)
{
    struct lane lanes[LANES] = {
        {1, 40, 2.5},
        {2, 12, 2.5⟪⟶}⟫,
        {3, 77, 3.0},
        {4, 5, 1.0}
    };
    raise(⟪lanes[0]⟶&lanes[0]⟶lanes⟫, 10);
    printf("takings: %.2f\n"⟪ takings⟶, takings⟫(lanes, LANES));
    int best = busiest(lanes, LANES);
    printf("lane %d is busiest\n", ⟪lanes[best].nummer⟶lanes[best].number⟫);
    ⟪if (best = 2) and (lanes[2].passed > 50)⟶if (best == 2 && lanes[2].passed > 50)⟫ {
        printf("open another lane\n");
    }
    return 0;
}
