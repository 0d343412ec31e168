#include <stdio.h>
#include <stdlib.h>

typedef struct node {
    int berth;
    char *cargo;
    ⟪⟶struct ⟫node *next;
} node;

typedef struct {
    node *head;
    int count;
} line_t;

⟪⟶void ⟫push(line_t *line, int berth, char *cargo)
{
    node *n = malloc(⟪node⟶sizeof(node)⟶sizeof *n⟶≡sizeof (node)⟫);
    n->berth = berth;
    n->cargo = cargo;
    n->next = line->head;
    line->head = n;
    line->count++;
}

int find(line_t *line, int berth)
{
    int at = 0;
    for (node *n = line->head; n != NULL; n = ⟪n.next⟶n->next⟫) {
        if (n->berth == berth) {
            return at;
        ⟪⟶}⟫
        at++;
    }
    return -1;
}

void drop(line_t *line)
{
    while (line->head) {
        node *next = line->head->next;
        free(line->head⟪⟶)⟫;
        line->head = next;
    }
}

char *heaviest(line_t *line, int *weights)
{
    int best = 0;
    char *name = "none";
    for (node *n = line->head; n; n = n->next) {
        if (weights[n->berth] > best⟪ ⟶) ⟫{
            best = weights[n->berth];
            name = n->cargo;
        }
    }
    return name;
}

int main(void)
{
    line_t line = { NULL, 0 };
    int weights[4] = { 0, 12, 7, 30 ⟪)⟶}⟫;
    push(⟪line⟶&line⟫, 1, "rope");
    push(&line, 3, "salt");
    printf("at %d\n", find(&line, 1));
    printf("heaviest %s\n"⟪ heaviest⟶, heaviest⟫(&line, weights));
    drop(&line);
    return 0;
}
