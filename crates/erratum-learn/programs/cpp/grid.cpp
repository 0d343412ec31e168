#include <iostream>
#include <vector>

const int ROWS = 3;
const int SEATS = 4;

int free_seats(const std::vector<std::vector<int>>& deck) {
    int count = 0;
    for (int row = 0; row < ROWS; row++) {
        for (int seat = 0; seat < SEATS; seat++) {
            if (deck[row][seat] == 0) {
                count++;
            }
        }
    }
    return count;
}

bool book(std::vector<std::vector<int>>& deck, int row, int seat) {
    if (row < 0 || row >= ROWS || seat < 0 || seat >= SEATS) {
        return false;
    }
    if (deck[row][seat] != 0) {
        return false;
    }
    deck[row][seat] = 1;
    return true;
}

int main() {
    std::vector<std::vector<int>> deck(ROWS, std::vector<int>(SEATS, 0));
    book(deck, 0, 1);
    book(deck, 2, 3);
    if (!book(deck, 0, 1)) {
        std::cout << "that seat is taken\n";
    }
    std::cout << free_seats(deck) << " seats are free\n";
    return 0;
}
