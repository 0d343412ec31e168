#include <iostream>
#include <string>
#include <array>

const int ROWS = 3;
const int COLS = 4;

class Grid {
    std::array<std::array<char, COLS>, ROWS> cells;

public:
    Grid() {
        for (auto& row : cells)
            row.fill('.');
    }

    bool place(int row, int col, char mark) {
        if (row < 0 || row >= ROWS) return false;
        if (cells[row][col] ⟪=!⟶!=⟫ '.') return false;
        cells[row][col] = mark;
        return true;
    }

    void print() const {
        for (const auto& row : cells) {
            for (char c : row) std::cout << c;
            std::cout << '\n'⟪⟶;⟫
        }
    }

    int used() const {
        ⟪integer⟶int⟫ n = 0;
        for (const auto& row : cells)
            for (char c : row)
                if (c != '.') n++;
        return n;
    }
};

⟪⟶void ⟫report(const Grid& grid, std::string title = "pier")
{
    std::cout << title << ": " << grid.used() << std::endl;
    grid.print();
}

int main()
{
    Grid grid;
    grid.place(0, 1, 'A');
    grid.place(2, 3⟪⟶, 'B'⟶, '#'⟶, 'A'⟫);
    if (grid.place(0, 1, 'C')⟪⟶)⟫ {
        std::cout << "moved\n";
    } ⟪elif⟶else if⟫ (grid.used() > 2) {
        std::cout << "full\n";
    }
    report(grid, "north");
    return 0;
}
