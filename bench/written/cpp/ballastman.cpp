#include <iostream>
#include <vector>
#include <string>
#include <memory>
⟪⟶#include <algorithm>⟫

class Tank {
public:
    Tank(std::string name, double cap) : name_(name), cap_(cap) {}
    virtual ~Tank() = default;
    virtual double fill(double amount) {
        level_ += amount;
        if (level_ > cap_) level_ = cap_;
        return level_;
    }
    double level() const { return level_; }
    ⟪string⟶std::string⟫ name() const { return name_; }
private:
    std::string name_;
    double cap_;
    double level_ = 0;
};

class SlowTank : public Tank {
public:
    SlowTank(std::string name) : ⟪Tank(name)⟶Tank(name, 100)⟶Tank(name, 0)⟶Tank(name, 50.0)⟫ {}
    double fill(double amount) ⟪overide⟶override⟫ {
        return Tank::fill(amount / 2);
    }
}⟪⟶;⟫

class Ship {
public:
    void add(std::unique_ptr<Tank> t) { tanks.push_back(⟪t⟶std::move(t)⟫); }

    double total() const {
        double sum = 0;
        for (const auto& t : tanks) {
            sum += ⟪t.level()⟶t->level()⟫;
        }
        return sum;
    }

    Tank* fullest() {
        auto it = std::max_element(tanks.begin(), tanks.end(),
            [](const auto& a, const auto& b) { return a->level() < b->level()⟪⟶;⟫ });
        return it == tanks.end() ? nullptr : it->get();
    }
private:
    std::vector<std::unique_ptr<Tank>> tanks;
};

int main() {
    Ship ship;
    ship.add(std::make_unique<Tank>("bow", 80.0));
    ship.add(std::make_unique<SlowTank>(⟪'stern'⟶"stern"⟫));
    Tank* f = ship.fullest();
    if (f ⟪=! ⟶!= ⟫nullptr) {
        f->fill(12.5)⟪⟶;⟫
        std::cout << f->name() ⟪<⟶<<⟫ "\n";
    }
    std::⟪Cout⟶cout⟫ << ship.total() << std::endl;
    return 0;
}
