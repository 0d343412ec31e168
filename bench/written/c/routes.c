#include <stdio.h>
#include <stdbool.h>

#define PORTS 4

static int cost[PORTS][PORTS] = {
    {0, 3, 9, 0},
    {3, 0, 2, 7}⟪⟶,⟫
    {9, 2, 0, 1},
    {0, 7, 1, 0},
};

int cheapest(int from) {
    int best = -1;
    for (int to = 0; to < PORTS; to++) {
        if (cost[from][to] == 0) continue;
        if (best == -1 ⟪or⟶||⟫ cost[from][to] < cost[from][best])
            best = to;
    }
    return best;
}

bool linked(int a, int b)⟪;⟶⟫
{
    return cost[a][b] > 0;
}

void print_row(int from) {
    for (int to = 0; to < PORTS⟪,⟶;⟫ to++) {
        printf("%4d", cost[from]⟪(to)⟶[to]⟫);
    }
    printf("\n");
}

int main() {
    int i⟪⟶;⟫
    for (i = 0; i < PORTS; i++) {
        print_row(i);
    }
    if (linked(0, 3) == false) {
        printf("no link\n");
    }
    printf("%d\n", cheapest(1));
    return 0;
}
