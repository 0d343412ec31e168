#include <iostream>
#include <memory>
#include <string>
#include <vector>
using namespace std⟪⟶;⟫

class Box {
public:
    virtual double weight() const = 0;
    virtual string label() const { return "box"; }
    virtual ~Box() {}
};

class Crate : public Box {
    double kg;
public:
    Crate(double k) : kg(k) {}
    double weight() const override { return kg; }
    string label() ⟪⟶const ⟫override { return "crate"; }
};

class Pallet : public Box {
    vector<⟪unique_ptr⟶unique_ptr<Box>⟫> parts;
public:
    void add(unique_ptr<Box> box) {
        parts.push_back(⟪box⟶move(box)⟶≡std::move(box)⟫);
    }
    double weight() const override {
        double sum = 0;
        for (⟪auto part⟶const auto& part⟶auto& part⟶auto &part⟶const auto &part⟫ : parts)
            sum += part->weight()⟪⟶;⟫
        return sum;
    }
};

template <⟪type⟶typename⟶≡class⟫ T>
T largest(const vector<T>& all) {
    T best = all[0];
    for (size_t i = 1; i < all.size(); i++)
        if (all[i] > best) best = all[i];
    return best;
}

int main() {
    Pallet p;
    p.add(make_unique<Crate>(12.5));
    p.add(make_unique<Crate>(⟪"8"⟶8⟶8.0⟫));
    vector<double> loads{p.weight(), 3.5, 9};
    cout << "pallet " << p.weight() << "kg" << endl;
    cout << "largest " << largest(loads) << endl;
    for (auto l : loads) {
        if (l > 10) cout << "heavy "⟪, ⟶ << ⟫l << endl;
    }
}
