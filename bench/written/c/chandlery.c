#include <stdio.h>
#include <string.h>

#define MAX 20

struct item {
    char name[30];
    int count;
    double price;
}⟪⟶;⟫

⟪⟶struct ⟫item stock[MAX];
int used = 0;

void add(const char *name, int count, double price) {
    strcpy(stock[used].name, name);
    stock[used].count = count;
    stock[used].price = price;
    used++⟪⟶;⟫
}

double worth(void) {
    double sum = 0;
    for (int i = 0; i < used; i++⟪⟶)⟫ {
        sum += stock[i].count * stock[i]⟪->⟶.⟫price;
    }
    return sum;
}

struct item *find(const char *name) {
    for (int i = 0; i < used; i++)
        if (strcmp(stock[i].name, name) == 0)
            return ⟪stock[i]⟶&stock[i]⟫;
    return ⟪null⟶NULL⟫;
}

int main(void) {
    add("shackle", 40, 2.5);
    add("rope", ⟪"7"⟶7⟫, 18.0);
    printf("worth %.2f\n", worth());
    struct item *rope = find("rope");
    if (rope != NULL) {
        printf("%d of %s\n", rope->count, rope⟪.⟶->⟫name);
    }
    return 0;
}
