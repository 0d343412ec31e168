#include <stdio.h>
#include <stdbool.h>

#define ROWS 3
#define COLS 4

static int map[ROWS][COLS];

bool place(int row, int col, int boat) {
    if (row < 0 || row >= ROWS || col < 0 || col >= COLS)
        return false;
    if (map[row][col] != 0) {
        return false;
⟪⟶    }
⟫    map[row][col] = boat;
    return ⟪True⟶true⟫;
}

int count_boats(void) {
    int boats = 0;
    for (int r = 0; r < ROWS; r++)
        for (int c = 0; c < COLS; c++)
            if (map[r][c] ⟪<> ⟶!= ⟫0)
                boats++;
    return boats;
}

int main(void) {
    place(0, 1, 7);
    place(2, 3⟪;⟶,⟫ 9);
    printf("%d boats\n"⟪⟶,⟫ count_boats());
    return 0;
}
