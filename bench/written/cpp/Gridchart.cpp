#include <algorithm>
#include <iostream>
#include <vector>

⟪using namespace std⟶using namespace std;⟫

const int ROWS = 3;
const int COLS = 4;

struct Cell {
    int depth;
    bool wreck;
    Cell(int d, bool w)⟪; depth(d), wreck(w)⟶ : depth(d), wreck(w)⟫ {}
};

int shallowest(const vector<vector<Cell>⟪⟶>⟫& chart) {
    int best = 999;
    for (int r = 0; r < ROWS; ⟪r+⟶r++⟶++r⟫) {
        for (int c = 0; c < COLS; c++) {
            best = min(best, chart⟪[r, c]⟶[r][c]⟫.depth);
        }
    }
    return best;
}

⟪⟶int ⟫wrecks(const vector<vector<Cell>>& chart) {
    int count = 0;
    for (auto row : chart)
        for (auto cell : row)
            if (cell.wreck == ⟪True⟶true⟫)
                count++;
    return count;
}

int main() {
    vector<vector<Cell>> chart(ROWS, vector<Cell>(COLS, Cell(10, false)));
    chart[1][2] = ⟪{3; true}⟶{3, true}⟶Cell(3, true)⟫;
    chart[0][1].depth = ⟪"7"⟶7⟫;
    ⟪Chart⟶chart⟫[2][3].wreck = true;
    cout << "shallowest: " << shallowest(chart) << ⟪end⟶endl⟫;
    cout << "wrecks: " << wrecks(⟪⟶chart⟫) << endl;
    sort(chart[0].begin(), chart[0].end(), [](const Cell& a, const Cell& b) {
        return a.depth < b.depth;
    }⟪⟶)⟫;
    ⟪for each (Cell cell in chart[0])⟶for (Cell cell : chart[0])⟶for (const Cell& cell : chart[0])⟶for (auto cell : chart[0])⟫
        cout << cell.depth << ' ';
    cout << '\n';
}
