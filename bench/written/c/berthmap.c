#include <stdio.h>
#include <stdbool.h>

enum cell { WATER, QUAY, SHIP };

struct map {
    int rows, cols;
    enum cell cells[6][6];
};

⟪void⟶int⟫ count(const struct map *m, enum cell what);

void clear(struct map *m, int rows, int cols) {
    m->rows = rows;
    m->cols = cols;
    for (int r = 0; r < rows; r++)
        for (int c = 0; c < cols; c++)
            m->cells⟪[r, c]⟶[r][c]⟫ = WATER;
}

bool moor(⟪map⟶struct map⟫ *m, int r, int c) {
    if (r < 0 ⟪or⟶||⟫ r >= m->rows) {
        return false;
    }
    if (m->cells[r][c] != WATER) return false;
    m->cells[r][c] = SHIP;
    return ⟪True⟶true⟫;
}

int count(const struct map *m, enum cell what) {
    int n = 0;
    for (int r = 0; r < m->rows; r++) {
        for (int c = 0; c < m->cols; c++) {
            if (m->cells[r][c] == what) n++;
        ⟪⟶}⟫
    }
    return n;
}

int main(void) {
    struct map quay;
    clear(⟪quay⟶&quay⟫, 4, 5);
    moor(&quay, 1, 2);
    if (moor(&quay, 1, 2)⟪ {⟶) {⟫
        puts("twice?");
    }
    printf("%d ships\n", count(&quay, ⟪Ship⟶SHIP⟫));
    return 0;
}
