#include <stdio.h>

typedef enum { CAR, VAN, LORRY, KINDS } Kind;

typedef struct {
    Kind kind;
    float length;   /* metres */
    unsigned int weight;
} Vehicle;

static const char *kind_names[KINDS] = { "car", "van", "lorry" };
static const float prices[KINDS] = { 21.5f, 34.0f, 80.0f };

/* Sorts by weight, the heaviest first. */
void sort_by_weight(Vehicle *list, int n) {
    for (int i = 0; i < n - 1; i++) {
        for (int j = 0; j < n - 1 - i; j++) {
            if (list[j].weight < list[j + 1].weight) {
                Vehicle tmp = list[j];
                list[j] = list[j + 1];
                list[j + 1] = tmp;
            }
        }
    }
}

float price_of(const Vehicle *v) {
    float extra = v->length > 6.0f ? (v->length - 6.0f) * 4.0f : 0.0f;
    return prices[v->kind] + extra;
}

int load(Vehicle *list, int n, unsigned int limit) {
    unsigned int on_board = 0;
    int loaded = 0;
    for (int i = 0; i < n; ++i) {
        if (on_board + list[i].weight > limit) {
            printf("%s of %u kg has to wait\n", kind_names[list[i].kind], list[i].weight);
            continue;
        }
        on_board += list[i].weight;
        loaded++;
    }
    return loaded;
}

int main(void) {
    Vehicle queue[] = {
        { CAR, 4.2f, 1300 },
        { LORRY, 11.5f, 9800 },
        { VAN, 5.9f, 2400 },
        { CAR, 3.8f, 1050 },
    };
    int n = sizeof queue / sizeof queue[0];
    float taken = 0;

    sort_by_weight(queue, n);
    for (int i = 0; i < n; i++) {
        taken += price_of(&queue[i]);
        printf("%-6s %6.1f m %6u kg\n", kind_names[queue[i].kind], queue[i].length, queue[i].weight);
    }
    printf("loaded %d of %d, taken %.2f\n", load(queue, n, 12000), n, taken);
    return 0;
}
