#include <iostream>
#include <memory>
#include <vector>

class Plank {
public:
    virtual ~Plank() = default;
    virtual double area() const = 0;
};

class Board : public Plank {
    double w, h;
public:
    Board(double w, double h) : w(w), h(h) {}
    double area() const override { return w * h; }
};

class Disc : ⟪⟶public ⟫Plank {
    double r;
public:
    Disc(double r) : r(r) {}
    double area() ⟪⟶const ⟫override { return 3.14159 * r * r; }
};

double total(const std::vector<std::unique_ptr<Plank>>& all) {
    double sum = 0⟪,⟶;⟫
    for (const auto& p : all) {
        sum += p⟪.⟶->⟫area();
    }
    return sum;
}

int main() {
    std::vector<std::unique_ptr<Plank>> all;
    all.push_back(std::make_unique<Board>(2.0⟪ ⟶, ⟫1.5));
    all.push_back(std::make_unique<Disc>(1.0));
    std::cout << ⟪totl⟶total⟫(all) << std::endl;
    return 0;
}
