#include <stdio.h>
#include <stdlib.h>
#include <string.h>

struct letter {
    char to[20];
    int stamps;
    struct letter *next⟪⟶;⟫
};

struct letter *write_letter(const char *to, int stamps) {
    struct letter *one = malloc(sizeof(struct letter)⟪⟶)⟫;
    if (!one) {
        return NULL;
    }
    strncpy(one->to, to, 19);
    one->to[19] = '\0';
    one->stamps = stamps;
    one->next = NULL;
    return one;
}

int count(struct letter *head) {
    int n = 0;
    while (head ⟪!== ⟶!= ⟫NULL) {
        n++;
        head = head⟪.⟶->⟫next;
    }
    return n;
}

int main() {
    struct letter *head = write_letter("Mole", 2);
    head->next = write_letter("Skerry", ⟪"1"⟶1⟫);
    for (struct letter *at = head; at; at = at->next) {
        printf("%s %d\n", at->to, at->stamps);
    ⟪)⟶}⟫
    printf("%d letters\n", count(head));
    return 0;
}
