#include <stdio.h>
#include <stdlib.h>
#include <string.h>

struct ticket {
    char name[20];
    int seats;
    struct ticket *next;
};

// Puts a new ticket at the front of the list.
struct ticket *add(struct ticket *list, const char *name, int seats) {
    struct ticket *fresh = malloc(sizeof(struct ticket));
    if (fresh == NULL) {
        printf("no memory left\n");
        exit(1);
    }
    strncpy(fresh->name, name, 19);
    fresh->name[19] = '\0';
    fresh->seats = seats;
    fresh->next = list;
    return fresh;
}

int count_seats(const struct ticket *list) {
    int total = 0;
    while (list != NULL) {
        total += list->seats;
        list = list->next;
    }
    return total;
}

void release(struct ticket *list) {
    while (list != NULL) {
        struct ticket *next = list->next;
        free(list);
        list = next;
    }
}

int main(void) {
    struct ticket *list = NULL;
    list = add(list, "Marlow", 2);
    list = add(list, "Okoye", 4);
    list = add(list, "Lind", 1);
    printf("%d seats are sold\n", count_seats(list));
    release(list);
    return 0;
}
