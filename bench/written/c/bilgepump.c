#include <stdio.h>
#include <stdlib.h>
#include <string.h>

#define ROWS 4
#define COLS ⟪= 3⟶3⟫

typedef struct node {
    int litres;
    char pump[20];
    ⟪node⟶struct node⟫ *next;
} node;

node *push(node *head, const char *pump, int litres)
{
    node *n = ⟪malloc(sizeof node)⟶malloc(sizeof(node))⟶malloc(sizeof *n)⟶malloc(sizeof(*n))⟫;
    strcpy(n->pump, pump);
    n->litres = litres;
    n->next = head;
    return ⟪*n⟶n⟫;
}

int total(node *head)
{
    int sum = 0;
    while (head != NULL⟪⟶)⟫ {
        sum += head->litres;
        head = head⟪-⟶->⟫next;
    }
    return sum;
}

void fill(int grid[ROWS][COLS])
{
    for (int i = 0; i < ROWS; i++)
        for (int j = 0; j < COLS; j++)
            grid⟪[i, j]⟶[i][j]⟫ = i * j;
}

int largest(int ⟪grid[][]⟶grid[][COLS]⟶grid[ROWS][COLS]⟶(*grid)[COLS]⟫)
{
    int best = grid[0][0];
    for (int i = 0; i < ROWS; i++) {
        for (int j = 0; j < COLS; j++) {
            if (grid[i][j] > best) {
                best = grid[i][j];
            }
        }
    }
⟪⟶    return best;
⟫}

void swap(int *a, int *b)
{
    ⟪⟶int ⟫tmp = *a;
    *a = *b;
    *b = tmp;
}

int main()
{
    node *list = NULL;
    int grid[ROWS][COLS];
    char name[20];
    int x = 3, y = 5;

    list = push(list, "fore", 12);
    list = push(list, "aft", ⟪"30"⟶30⟫);
    swap(⟪x, y⟶&x, &y⟫);
    fill(grid);
    printf("%d %d\n"⟪ x, y⟶, x, y⟫);
    printf("largest %d\n", largest(⟪grid[][]⟶grid⟫));
    ⟪name = "aft"⟶strcpy(name, "aft")⟫;
    if (strcmp(name, "aft") == 0 && total(list) > 20) {
        printf("%s\n", name);
    }
    for (node *n = list; n; n = n->next) {
        printf("%s %d\n", n->pump, n->litres);
    ⟪)⟶}⟫
    return 0;
}
