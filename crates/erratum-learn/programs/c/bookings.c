/*
 * Bookings of the night ferry, kept in a linked list.
 */
#include <stdio.h>
#include <stdlib.h>
#include <string.h>

#define NAME_LENGTH 32

struct booking {
    char name[NAME_LENGTH];
    int cabin;
    double paid;
    struct booking *next;
};

static struct booking *create_booking(const char *name, int cabin, double paid)
{
    struct booking *b = malloc(sizeof(struct booking));
    if (b == NULL) {
        fprintf(stderr, "out of memory\n");
        exit(EXIT_FAILURE);
    }
    strncpy(b->name, name, NAME_LENGTH - 1);
    b->name[NAME_LENGTH - 1] = '\0';
    b->cabin = cabin;
    b->paid = paid;
    b->next = NULL;
    return b;
}

static void append(struct booking **head, struct booking *b)
{
    if (*head == NULL) {
        *head = b;
        return;
    }
    struct booking *last = *head;
    while (last->next != NULL) {
        last = last->next;
    }
    last->next = b;
}

static struct booking *find(struct booking *head, const char *name)
{
    struct booking *b;
    for (b = head; b != NULL; b = b->next) {
        if (strcmp(b->name, name) == 0) {
            return b;
        }
    }
    return NULL;
}

static double total_paid(const struct booking *head)
{
    double total = 0.0;
    while (head) {
        total += head->paid;
        head = head->next;
    }
    return total;
}

static void free_all(struct booking *head)
{
    while (head != NULL) {
        struct booking *next = head->next;
        free(head);
        head = next;
    }
}

int main(void)
{
    struct booking *head = NULL;
    append(&head, create_booking("Ilse Varga", 12, 84.5));
    append(&head, create_booking("Tom Arkwell", 7, 61.0));
    append(&head, create_booking("Mina Sorel", 3, 99.25));

    struct booking *found = find(head, "Tom Arkwell");
    if (found != NULL) {
        printf("%s sleeps in cabin %d\n", found->name, found->cabin);
    } else {
        printf("nobody of that name\n");
    }
    printf("Paid in all: %.2f\n", total_paid(head));
    free_all(head);
    return 0;
}
