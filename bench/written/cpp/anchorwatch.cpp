#include <iostream>
#include <vector>
#include <string>
#include <map>⟪⟶
#include <algorithm>⟫

class Anchor {
private⟪⟶:⟫
    std::string ship;
    int chain;
public:
    Anchor(std::string s, int c) : ship(s), chain(c) {}
    std::string getShip() const { return ship; }
    int getChain() ⟪⟶const ⟫{ return chain; }
    bool drags(int wind) const {
        return wind * 2 > ⟪this.chain⟶this->chain⟶chain⟫;
    }
}⟪⟶;⟫

int longest(const std::vector<Anchor>& all) {
    int best = 0;
    for (const Anchor& a ⟪in⟶:⟫ all)
        best = std::max(best, a.getChain());
    return best;
}

void show(const ⟪vector⟶std::vector⟫<Anchor>& all, int wind) {
    for (size_t i = 0; i < all.⟪length⟶size⟫(); i++) {
        std::cout << all[i].getShip() << " "
                  << (all[i].drags(wind) ? "drags" : "holds") << std::endl;
    }
}

std::map<std::string, int> byShip(const std::vector<Anchor>& all) {
    std::map<std::string, int> result;
    for (const auto& a : all)
        result[⟪a.ship⟶a.getShip()⟫] = a.getChain();
    return result;
}

int main() {
    std::vector<Anchor> all;
    all.push_back(Anchor("Tern", 40));
    all.⟪push⟶push_back⟫(Anchor("Gull", 25));
    all.push_back(Anchor(⟪30, "Auk"⟶"Auk", 30⟫));
    show(all, 14);
    std::sort(all.begin(), all.end(), [](const Anchor& a, const Anchor& b) {
        ⟪⟶return ⟫a.getChain() < b.getChain();
    });
    auto chains = byShip(all);
    for (auto& entry : chains)
        std::cout << entry.⟪key⟶first⟫ << ": " << entry.second << "\n";
    std::cout << "longest " << longest(all) << ⟪endl⟶std::endl⟫;
    return 0;
}
