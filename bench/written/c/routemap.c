#include <stdio.h>
#include <stdlib.h>

typedef struct node {
    int port;
    struct node *next;
} node;

node *make(int port) {
    node *n = malloc(⟪sizeof node⟶sizeof(node)⟶sizeof *n⟫);
    n->port = port;
    n->next = NULL;
    return n;
}

void append(node **head, int port) {
    node *n = make(port);
    if (⟪head*⟶*head⟫ == NULL) {
        *head = n;
        return;
    }
    node *at = *head;
    while (at->next ⟪<>⟶!=⟫ NULL) {
        at = at->next;
    }
    at->next = n;
}

int length(const node *head) {
    int n = 0;
    ⟪foreach⟶for⟫ (const node *at = head; at; at = at->next) {
        n++;
    }
    return ⟪N⟶n⟫;
}

void free_all(node *head) {
    while (head) {
        node *next = head⟪.next⟶->next⟫;
        free(head);
        head = next;
    }
}

int main(void) {
    node *route = NULL;
    append(⟪route⟶&route⟫, 3);
    append(&route, 7);
    printf("%d ports, first %d\n", length(route), route->port);
    printf("%d bytes\n", ⟪int(sizeof(node))⟶(int)sizeof(node)⟶≡(int)(sizeof(node))⟫);
    free_all(route);
    return 0;
⟪⟶}⟫
