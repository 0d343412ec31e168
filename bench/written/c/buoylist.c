#include <stdio.h>
#include <stdlib.h>
#include <string.h>

#define NAME_LEN 24

typedef struct buoy {
    char name[NAME_LEN];
    int flashes;
    struct buoy *next;
} Buoy⟪⟶;⟫

static Buoy *head = NULL;

Buoy *make_buoy(const char *name, int flashes)
{
    Buoy *b = malloc(sizeof(Buoy));
    if (b == NULL) {
        return NULL;
    }
    strncpy(⟪b.name⟶b->name⟫, name, NAME_LEN - 1);
    b->name[NAME_LEN - 1] = '\0';
    b->flashes = flashes;
    b->next = head;
    head = b⟪⟶;⟫
    return b;
}

int count(void)
{
    int n = 0;
    for (Buoy *b = head⟪,⟶;⟫ b != NULL; b = b->next) {
        n++;
    }
    return n;
}

⟪Buoy⟶Buoy *⟫find(const char *name)
{
    Buoy *b = head;
    while (b ⟪=!⟶!=⟫ NULL) {
        if (strcmp(b->name, name) == 0) {
            return b;
        }
        b = b->⟪Next⟶next⟫;
    }
    return NULL;
}

int main(void)
{
    make_buoy("north", 3);
    make_buoy("wreck"⟪⟶, 2⟶, 1⟶, 0⟫);
    Buoy *b = find("wreck");
    if (b) {
        printf("%s flashes %d\n", b->name, b->⟪flash⟶flashes⟫);
    }
    ⟪string⟶char *⟶≡const char *⟫label = "buoys";
    printf("%d %s\n", count(), label);
    return 0;
}
