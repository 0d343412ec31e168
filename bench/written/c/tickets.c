#include <stdio.h>
#include <string.h>

#define MAX 20

struct ticket {
    char name[30];
    int zone⟪⟶;⟫
    float price;
}⟪⟶;⟫

float total(struct ticket list[], int count) {
    float sum = 0;
    for (int i = 0⟪,⟶;⟫ i < count⟪,⟶;⟫ i++) {
        sum += list[i].price;
    }
    return sum;
}

int main(void) {
    struct ticket list[MAX];
    int count = 0;
    strcpy(list[count].name, ⟪'Ada Reef'⟶"Ada Reef"⟫);
    list[count].zone = 2;
    list[count].price = 4.5;
    count++;
    if (total(list, count) > 4 ⟪and⟶&&⟫ count > 0) {
        printf("%s pays %.2f\n", list[0].name, total(list, count));
    }
    return 0;
}
