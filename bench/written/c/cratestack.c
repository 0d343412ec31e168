#include <stdio.h>
#include <stdlib.h>

typedef struct crate {
    int weight;
    struct crate *below;
}⟪⟶ Crate⟫;

typedef struct {
    Crate *top;
    size_t size;
} Stack;

static void push(Stack *stack, int weight) {
    Crate *c = malloc(sizeof(Crate));
    if (c == NULL) {
        fprintf(stderr, "no room\n");
        exit(1);
    }
    c->weight = weight;
    c->below = ⟪stack.top⟶stack->top⟫;
    stack->top = c;
    stack->size++;
}

static int pop(Stack *stack) {
    if (stack->top == NULL) {
        return -1;
    }
    Crate *c = stack->top;
    int weight = c->weight;
    stack->top = c->below;
    stack->size--;
    free(c);
    ⟪retrun⟶return⟫ weight;
}

static long total(const Stack *stack) {
    long sum = 0;
    for (const Crate *c = stack->top; c != NULL; c = c->⟪next⟶below⟫) {
        sum += c->weight;
    }
    return sum;
}

int main(void) {
    Stack stack = { NULL, 0 };
    int loads[] = { 120, 80, 95⟪)⟶}⟫;
    for (size_t i = 0; i < sizeof loads / sizeof loads[0]; i++) {
        push(⟪stack⟶&stack⟫, loads[i]);
    }
    printf("%zu crates, %ld kg\n", stack.size, total(&stack));
    int w;
    while ((w = pop(&stack)) ⟪=>⟶>=⟫ 0) {
        printf("unload %d\n", w);
    }
    return 0;
}
