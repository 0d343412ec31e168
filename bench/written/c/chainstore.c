#include <stdio.h>
#include <stdlib.h>

struct link {
    int length;
    struct link *next;
};

struct chain {
    struct link *head;
    int count;
};

struct chain *make_chain()
{
    struct chain *c = (struct chain *) malloc(sizeof(struct chain));
    c->head = NULL;
    c->count = 0;
    return c;
}

void add(struct chain *c, int length)
{
    struct link *l = malloc(sizeof(⟪link⟶struct link⟫));
    l->length = length;
    l->next = ⟪c.head⟶c->head⟫;
    c->head = l;
    c->count++;
}

int total(struct chain *c)
{
    int sum = 0;
    struct link *l = c->head;
    while (l) ⟪do {⟶{⟫
        sum += l->length;
        l = l->next;
    }
    return sum;
}

float mean(struct chain *c)
{
    if (c->count == 0) {
        return 0;
    }
    return (⟪float) total(c⟶float) total(c)⟫ / c->count;
}

int main(void)
{
    struct chain *c = make_chain();
    int lengths[] = { 12, 30, 8⟪ ]⟶ }⟫;
    for (int i = 0; i < sizeof(lengths) / sizeof(lengths[0]); ⟪i+⟶i++⟫) {
        add(c⟪. ⟶, ⟫lengths[i]);
    }
    printf("%d links, total %d\n", c->count, total(c));
    printf("%f\n", ⟪mean c⟶mean(c)⟫);
    free(c);
    return ⟪O⟶0⟫;
}
