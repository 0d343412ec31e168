#include <iostream>
#include <string>
#include <vector>

class Beacon {
    std::string name;
    int range;
    bool lit;

⟪⟶public:
⟫    Beacon(std::string n, int r) : name(n), range(r), lit(⟪False⟶false⟫) {}
    void light() { lit = true; }
    bool isLit() const { return lit; }
    int getRange() const { return range; }
    std::string getName() { return name; }
};

int furthest(const std::vector<Beacon> &all) {
    int best = 0;
    for (std::size_t i = 0; i < all.size(); i++) {
        if (all[i].getRange() > best)
            best = all[i].getRange⟪⟶()⟫;
    }
    return best;
}

int main() {
    std::vector<Beacon> all;
    Beacon north("North pier", 9⟪⟶)⟫;
    north.light();
    all.push_back(north);
    all.push_back(Beacon("Mole", 5));
    std::cout << furthest(all) << std::endl;
    if (north.⟪IsLit⟶isLit⟫())
        std::cout << north.getName() << " is lit" << std::endl;
    return 0;
}
