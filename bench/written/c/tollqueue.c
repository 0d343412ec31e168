#include <stdio.h>
#include <stdlib.h>
#include <stdbool.h>

struct node {
    int boat;
    ⟪⟶struct ⟫node *next;
};

struct queue {
    struct node *head;
    struct node *tail;
    unsigned size;
};

bool push(struct queue *q, int boat) {
    struct node *n = malloc(sizeof *n);
    if (n == ⟪null⟶NULL⟫)
        return false;
    n->boat = boat;
    n->next = NULL;
    if (q->tail)
        q->tail->next = n;
    else
        q->head = n⟪⟶;⟫
    q->tail = n;
    q->size⟪+⟶++⟫;
    return true;
}

int pop(struct queue *q) {
    struct node *n = q->head;
    if (!n) return -1;
    int boat = n⟪->>⟶->⟫boat;
    q->head = n->next;
    if (!q->head) q->tail = NULL;
    free(n);
    q->size--;
    ⟪retrun⟶return⟫ boat;
}

int main(void) {
    struct queue q = {NULL, NULL, 0};
    for (int i = 1; i <= 3; i++) {
        push(&q, i * 10);
    }
    while (q.size > 0) {
        printf("toll for %d\n", pop(⟪q⟶&q⟫));
    }
    ⟪string ⟶char *⟶const char *⟫done = "empty";
    puts(done);
    return 0;
}
