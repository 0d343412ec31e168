#include <stdio.h>
#include <math.h>

struct point { double x; double y; };

double distance(struct point a, struct point b)
{
    double dx = a.x - b.x;
    double dy = a.y - b.y⟪⟶;⟫
    return dx * dx + dy * dy;
}

int nearest(struct point from, const struct point *all, int n)
{
    int best = -1;
    double least = 1e9;
    int i = 0;
    while (i < n) {
        double now = distance(from, all[i]);
        if (now < least⟪⟶)⟫ {
            least = now;
            best = i;
        }
        i += 1;
    }
    return best;
}

int main(void)
{
    struct point boats[] = {{1, 2}, {4, 4}, {0, 1}};
    struct point here⟪ ⟶ = ⟫{0, 0};
    int at = nearest(here, boats, 3);
    if ⟪⟶(⟫at >= 0⟪⟶)⟫
        printf("%d\n", at);
    return 0;
}
