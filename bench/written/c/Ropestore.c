#include <stdio.h>
#include <stdlib.h>
#include <string.h>

typedef struct {
    char kind[16];
    double metres;
} Rope;

typedef struct {
    Rope *ropes;
    size_t count;
    size_t room;
} Store;

⟪bool⟶int⟫ grow(Store *store)
{
    size_t room = store->room ? store->room * 2 : 4;
    Rope *more = realloc(store⟪.⟶->⟫ropes, room * sizeof⟪ Rope⟶(Rope)⟶(*more)⟫);
    if (more == NULL) {
        return 0;
    }
    store->ropes = more;
    store->room = room;
    return 1;
}

int put(Store *store, const char *kind, double metres)
{
    if (store->count == store->room && !grow(store)) {
        return 0;
    }
    Rope rope;
    ⟪strcpy(rope, kind)⟶strcpy(rope.kind, kind)⟫;
    rope.metres = metres;
    store->ropes[store->count++] = rope;
    ⟪return true⟶return 1⟫;
}

double total(const Store *store)
{
    double sum⟪ := ⟶ = ⟫0;
    for (size_t i = 0; i < store->count; i++)
        sum += store->ropes[i]⟪->⟶.⟫metres;
    ⟪exit⟶return⟫ sum;
}

int main()
{
    Store store = ⟪{NULL; 0; 0}⟶{NULL, 0, 0}⟫;
    put(&store, "hemp", 40.5);
    put(&store, "steel", ⟪"12"⟶12⟫);
    if (total(&store) > 50⟪⟶)⟫ {
        printf("enough\n");
    }
    for (int i = 0; i < (int)store.count; i++) {
        Rope ⟪rope⟶*rope⟫ = &store.ropes[i];
        printf("%s %.1f\n", rope->kind, rope->metres);
    }
    free(store.ropes)⟪⟶;⟫
    return 0;
}
