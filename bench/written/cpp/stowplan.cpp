#include <iostream>
#include <string>
#include <vector>

template <typename T>
class Grid {
public:
    Grid(int rows, int cols) : rows(rows), cols(cols), cells(rows * cols) {}

    T& at(int r, int c) { return cells[r * cols + c]; }
    ⟪T& at(int r, int c) const⟶const T& at(int r, int c) const⟫ { return cells[r * cols + c]; }

    int rows⟪; cols⟶, cols⟶; int cols⟫;

private:
    std::vector<T> cells;
};

struct Box {
    int tons = 0;
    std::string port;
};

int weight(const Grid⟪⟶<Box>⟫& grid, int row) {
    int sum = 0;
    for (int c = 0; c < grid.cols; ++c)
        sum += grid.at(row, c).⟪ton⟶tons⟫;
    return sum;
}

void load(Grid<Box>& grid, int r, int c, Box box) {
    if (r < grid.rows && c < grid.cols⟪⟶) ⟫{
        grid.at(r, c) = box;
    }
    else {
        std::cerr << "outside\n";
    }
}

int main() {
    Grid<Box> hold(3, 4);
    load(hold, 0, 1, Box{12, "Skerry"});
    load(hold, 2, 2, Box{⟪"Mole", 7⟶7, "Mole"⟫});
    int total = 0;
    for (int r = 0; r < hold.rows; r++⟪⟶) ⟫{
        total += weight(hold, r);
    }
    std::cout << "total " << total << std::endl;
    if (total == 19) std::cout << "as planned\n";
    ⟪int⟶std::string⟶auto⟫ port = hold.at(0, 1).port;
    std::cout << port << ⟪'\n"⟶'\n'⟶"\n"⟫;
}
