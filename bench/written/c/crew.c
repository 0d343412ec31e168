#include <stdio.h>
#include <string.h>

struct person {
    char name[20];
    int hours;
};

int find(struct person *crew, int count, const char *name) {
    for (int i = 0; i < count; i++) {
        if (strcmp(crew[i].name, name⟪ == 0⟶) == 0⟫) {
            return i;
        }
    }
    return -1;
}

⟪viod⟶void⟫ add_hours(struct person *who, int hours) {
    who->hours += hours;
}

int main(void) {
    struct person crew[2] = {{"Ines", 10}, {"Olaf", 8}};
    int at = find(crew, 2, "Olaf");
    if (at >= 0) {
        add_hours(crew + at, 4);
        printf("%s: %d\n", crew[at].name, crew[at].⟪hour⟶hours⟫);
    } else {
        printf("nobody\n");
    }
    return 0;⟪⟶
}⟫
