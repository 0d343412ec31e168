#include <stdio.h>
⟪⟶#include <stdlib.h>⟫

typedef struct node {
    double depth;
    struct node *next;
} node;

node *push(node *head, double depth) {
    node *fresh = malloc(sizeof(node));
    fresh->depth = depth;
    fresh->next = head;
    return fresh;
}

int length(node *head) {
    int n = 0;
    ⟪while head != NULL⟶while (head != NULL)⟫ {
        n++;
        head = head->next;
    }
    return n;
}

double deepest(node *head) {
    double most = 0;
    for (node *at = head; at; at = at->next) {
        if (at->⟪dept⟶depth⟫ > most) {
            most = at->depth;
        }
    }
    ⟪retrun⟶return⟫ most;
}

void clear(node *head) {
    while (head) {
        node *next = head->next;
        free(head)⟪⟶;⟫
        head = next;
    }
}

int main(void) {
    node *log = NULL;
    double depths[] = {3.5, 1.25, 7.0⟪]⟶}⟫;
    for (int i = 0; i < 3; i++) {
        log = push(log, depths⟪(i)⟶[i]⟫);
    }
    printf("%d soundings, deepest %.2f\n", length(log), deepest(log));
    clear(log);
    return 0;
}
