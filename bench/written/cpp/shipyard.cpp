#include <iostream>
#include <vector>
#include <memory>
#include <string>
#include <algorithm>

class Hull {
public:
    Hull(std::string name, double length) : name_(name)⟪;⟶,⟫ length_(length) {}
    virtual ~Hull() = default;
    virtual double cost() const = 0;
    std::string name() const { return name_; }

protected⟪⟶:⟫
    std::string name_;
    double length_;
};

class Barge : public Hull {
public:
    Barge(std::string name, double length, int tons)
        : Hull(name⟪⟶, length⟫), tons_(tons) {}
    double cost() const override { return length_ * 900 + tons_ * 40; }

private:
    int tons_;
};

class Tug : ⟪extends⟶public⟫ Hull {
public:
    Tug(std::string name, double length) : Hull(name, length) {}
    double cost()⟪ override const⟶ const override⟫ { return length_ * 2000; }
};

class Yard {
public:
    void add(std::unique_ptr<Hull> hull) {
        hulls_.push_back(⟪hull⟶std::move(hull)⟫);
    }

    double total() const {
        double sum = 0;
        for (const auto& h ⟪in⟶:⟫ hulls_) {
            sum += h⟪.⟶->⟫cost();
        }
        return sum;
    }

    void sortByCost() {
        std::sort(hulls_.begin(), hulls_.end(),
                  [](const auto& a, const auto& b) { return a->cost() < b->cost() ⟪⟶; ⟫});
    }

    ⟪⟶const ⟫std::vector<std::unique_ptr<Hull>>& hulls() const { return hulls_; }

private:
    std::vector<⟪unique_ptr⟶std::unique_ptr⟫<Hull>> hulls_;
}⟪⟶;⟫

int main() {
    Yard yard;
    yard.add(std::make_unique<Barge>("Ox", 24.0, 80));
    yard.add(std::make_unique<Tug>("Ant"⟪⟶, 12.0⟶, 12⟫));
    yard.add(⟪new Tug("Bee", 14)⟶std::make_unique<Tug>("Bee", 14)⟫);
    yard.sortByCost();
    for (const auto& h : yard.hulls()) {
        std::cout << h->name() << ⟪' costs '⟶" costs "⟫ << h->cost() << std::endl;
    }
    std::cout << "total " ⟪+⟶<<⟫ yard.total() << "\n";
}
