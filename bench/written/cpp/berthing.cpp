#include <iostream>
#include <string>
#include <vector>

class Berth {
public:
    Berth(int number, double length) : number(number), length(length) {}

    bool fits(double ship) const {
        return ship <= length;
    }

    int id() const { return number; }

private:
    int number;
    double length;
}⟪⟶;⟫

const Berth* find(const std::vector<Berth>& berths, double ship) {
    for (const Berth& berth : berths) {
        if (berth⟪->⟶.⟫fits(ship)) {
            return ⟪berth⟶&berth⟫;
        }
    }
    return nullptr;
}

double total(⟪vector⟶std::vector⟫<double> lengths) {
    double sum = 0;
    for (⟪int i = 0, i < lengths.size(), i++⟶int i = 0; i < lengths.size(); i++⟶≡std::size_t i = 0; i < lengths.size(); i++⟫) {
        sum += lengths[i];
    }
    return sum;
}

int main() {
    std::vector<Berth> berths = {Berth(1, 40.0), Berth(2, 85.5)};
    std::vector<double> ships = {32.0, 60.5};
    for (double ship : ships) {
        const Berth* berth = find(berths, ship);
        if (berth != ⟪null⟶nullptr⟶≡NULL⟫) {
            std::cout << ship << " m at " << berth⟪.⟶->⟫id() << std::endl;
        }
    }
    std::cout << total(ships) ⟪<⟶<<⟫ std::endl;
    return 0;
}
