#include <stdio.h>
#include <string.h>

#define MAX ⟪= ⟶⟫8

struct queue {
    int items[MAX];
    int head⟪,⟶;⟫
    int count;
};

void queue_init(struct queue *q) {
    q->head = 0;
    q->count = 0;
}

int queue_push(⟪queue⟶struct queue⟫ *q, int value) {
    if (q->count == MAX) return 0;
    q->items[(q->head + q->count) % MAX⟪)⟶]⟫ = value;
    q->count++;
    return 1;
}

int queue_pop(struct queue *q, int *value) {
    if (q->count == 0) return 0;
    *value = q->items[q->head];
    q->head = (q->head + 1) % MAX;
    q->count--;
    return 1;
}

void print_word(const char *word) {
    if (strlen(word) ⟪=< 3⟶<= 3⟫) {
        printf("%s\n", word);
    }
}

int main(void) {
    ⟪queue q;⟶struct queue q;⟫
    int v;
    queue_init(&q);
    for (int i = 0; i < 5; i++) {
        queue_push(&q, i * i);
    }
    while (queue_pop(&q, &v)) {
        printf("%d\n"⟪ v⟶, v⟫);
    }
    print_word("low");
    return 0;
}
