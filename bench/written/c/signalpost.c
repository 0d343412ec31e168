#include <stdio.h>
#include <string.h>

typedef enum { RED, AMBER, GREEN } light;

struct post {
    light colour;
    char name[20];
    int seconds;
};

⟪char⟶const char *⟶char *⟫ label(light c)
{
    if (c == RED)
        return "red";
    else if (c == AMBER⟪⟶)⟫
        return "amber";
    return "green";
}

void advance(struct post *p)
{
    switch (p->colour) {
        case RED: p->colour = GREEN; break;
        case GREEN: p->colour = AMBER; break;
        ⟪case default⟶default⟫: p->colour = RED;
    }
    ⟪p.seconds⟶p->seconds⟫ = 0;
}

int longest(struct post posts[], int n)
{
    int best = 0;
    for (int i = 0; i < n; i++)
        if (posts[i].seconds > posts[best].seconds)
            best = i;
    return best;
}

int main(void)
{
    struct post posts[2];
    strcpy(posts[0].name, "north");
    posts[0].colour = ⟪light.RED⟶RED⟫;
    posts[0].seconds = 30;
    posts[1] = (struct post){ GREEN, "south", 45 };
    ⟪for each⟶for⟫ (int i = 0; i < 2; i++) {
        advance(&posts[i]);
        printf("%s %s\n", posts[i].name, label(posts[i].⟪color⟶colour⟫));
    }
    int k = longest(⟪struct post posts⟶posts⟫, 2);
    printf("%d\n", posts[k].seconds⟪⟶)⟫;
    return 0;
}
