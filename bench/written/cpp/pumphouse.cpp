#include <iostream>
#include <stdexcept>
#include <string>

class Pump {
public:
    explicit Pump(int litres) : litres_(litres) {
        if (litres < 0) {
            throw std::invalid_argument(⟪'negative'⟶"negative"⟫);
        }
    }
    int run(int minutes) const;
    static int made() { return made_; }
private:
    int litres_;
    static int made_;
};

int Pump::made_ = 0;

int ⟪⟶Pump::⟫run(int minutes) const {
    return litres_ * minutes;
}

int main() {
    try {
        Pump pump(15);
        int out = pump.run(⟪4 5⟶4 * 5⟶4⟶4 + 5⟶45⟫);
        std::cout << "out " << out << std::endl;
        if (out == 0 or out < 0) return 1;
    } catch (const std::invalid_argument& e⟪⟶)⟫ {
        std::cerr << e.what() << std::endl;
    }
    std::cout << Pump⟪.⟶::⟫made() << std::endl;
    return ⟪O⟶0⟫;
}
