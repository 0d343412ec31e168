#include <stdio.h>
#include <stdlib.h>

typedef struct item item;
struct item {
    const char *label;
    double tons;
    item *next;
};

item *push(item *head, const char *label, double tons) {
    item *fresh = ⟪new item⟶malloc(sizeof(item))⟶malloc(sizeof *fresh)⟫;
    if (fresh == NULL) {
        return head;
    }
    fresh->label = label;
    ⟪fresh.tons⟶fresh->tons⟫ = tons;
    fresh->next = head;
    return fresh⟪⟶;⟫
}

double total(const item *head) {
    double sum = 0.0;
    for (; head != NULL; head = head->next) {
        sum += head->tons;
    }
    return sum;
}

const item *find(const item *head, double over) {
    while (head ⟪and⟶&&⟫ head->tons <= over) {
        head = head->next;
    }
    return head;
}

void release(item *head) {
    while (head) {
        item *next = head->next;
        free(head);
        head = next;
    }
}

int main(void) {
    item *list = NULL;
    list = push(list, "coal", 12.5);
    list = push(list, ⟪'rope'⟶"rope"⟫, 0.8);
    list = push(⟪"salt", 3.0⟶list, "salt", 3.0⟫);
    printf("%f\n", total(list));
    const item *big = find(list, 2.0);
    if (big) {
        printf("%s\n", big->⟪name⟶label⟫);
    }
    release(list⟪⟶)⟫;
    ⟪returns⟶return⟫ 0;
}
