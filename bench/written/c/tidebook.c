#include <stdio.h>
#include <stdlib.h>

typedef struct entry {
    int hour;
    double height;
    ⟪entry⟶struct entry⟫ *next;
} entry;

entry *push(entry *head, int hour, double height) {
    entry *one = malloc(sizeof(entry));
    one->hour = hour;
    one⟪.⟶->⟫height = height;
    one->next = head;
    return ⟪on⟶one⟫;
}

double highest(const entry *head) {
    double best = 0.0;
    while (head != NULL⟪⟶)⟫ {
        if (head->height > best) {
            best = head->height;
        }
        head = head->next;
    }
    return best;
}

int main(void) {
    entry *book = NULL;
    book = push(book, 6, 3.1);
    book = push(book⟪ ⟶, ⟫12, 4.4);
    printf("highest %.1f\n", highest(book));
    return 0;
}
