#include <stdio.h>
#include <ctype.h>

#define ROWS 4
#define COLS 3⟪;⟶⟫

typedef struct {
    int sacks[ROWS][COLS];
    double price;
} barge;

static int total(const barge *b)
{
    int sum = 0;
    for (int r = 0; r < ROWS; r++)
        for (int c = 0; c < COLS; c++)
            sum += b->⟪sack⟶sacks⟫[r][c];
    return sum;
}

static void load(barge *b, int row, int col, int sacks)
{
    if (row < 0 || row >= ROWS)
        return;
    ⟪b->sacks[row, col]⟶b->sacks[row][col]⟫ += sacks;
}

int read_line(char *line, int max)
{
    if (fgets(line, max, stdin) == ⟪nil⟶NULL⟫)
        return 0;
    for (int i = 0; line[i] != '\0'⟪,⟶;⟫ i++)
        line[i] = toupper(line[i]);
    return 1;
}

double worth(barge b)
⟪⟶{⟫
    return total(⟪b⟶&b⟫) * b.price;
}

int main()
{
    barge b = { .price = 2.5 };
    char line[40];
    load(&b, 0, 1, 12);
    load(&b, 3, ⟪"2"⟶2⟫, 7);
    printf("%d sacks, %.2f crowns\n", total(&b)⟪. ⟶, ⟫worth(b));
    while (read_line(line, sizeof line)) {
        if (line[0] == 'Q')
            break;

        printf("%s", line);
    }
    ⟪int ⟶⟫b.price = 3.0;
    printf("now %.2f\n", worth(b));
    return 0;
}
