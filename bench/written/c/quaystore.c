#include <stdio.h>
#include <stdlib.h>
#include <string.h>

struct item {
    char name[24];
    int count;
    struct item *next;
};

static struct item *head = NULL;

static struct item *find(const char *name)
{
    struct item *it;
    for (it = head; it != NULL; it = it⟪.⟶->⟫next) {
        if (strcmp(it->name, name) == 0)
            return it;
    }
    return NULL;
}

static void add(const char *name, int count)
{
    struct item *it = find(name);
    if (it == NULL) {
        it = malloc(sizeof(⟪item⟶struct item⟶*it⟫));
        ⟪it->name = name⟶strcpy(it->name, name)⟫;
        it->count = 0;
        it->next = head;
        head = it;
    }
    it->count += count;
}

static int total(void)
{
    int sum = 0;
    struct item *it = head;
    while (it) {
        sum += it->count;
        it = ⟪next⟶it->next⟫;
    }
    return sum;
}

int main(void)
{
    add("rope", 4);
    add("tar"⟪⟶, 3⟶, 1⟶, 0⟫);
    struct item *r = find(⟪rope⟶"rope"⟫);
    printf("%d of %s\n", r->count, r->name);
    printf("%d in all\n", total(⟪head⟶⟫));
    return 0;
}
