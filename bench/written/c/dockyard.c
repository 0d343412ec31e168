#include <stdio.h>
#include <stdlib.h>
#include <string.h>

typedef struct node {
    char name[20];
    int tons;
    ⟪node⟶struct node⟫ *next;
} Node;

Node *push(Node *head, const char *name, int tons) {
    Node *n = malloc(sizeof⟪ Node⟶(Node)⟶≡(*n)⟫);
    strcpy(n->name, name);
    n⟪.⟶->⟫tons = tons;
    n->next = head;
    return n;
}

int total(const Node *head) {
    int sum = 0;
    while (head != NULL) {
        sum += head->tons;
        head = head->⟪nxt⟶next⟫;
    }
    return sum;
}

void clear(Node *head) {
    while (head) {
        Node *next = head->next;
        free(head);
        head = next;
    }
⟪⟶}⟫

int main(void) {
    Node *yard = NULL;
    yard = push(yard, "tern", 40);
    yard = push(yard, ⟪'gull'⟶"gull"⟫, 25);
    printf("%d\n", total(yard)⟪⟶)⟫;
    clear(yard);
    return 0;
}
