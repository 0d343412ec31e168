#include <iostream>
#include <string>
#include <stdexcept>
#include <vector>
⟪⟶#include <map>
⟫
class Barrel {
public:
    Barrel(std::string what, double litres) : what(what), litres(litres) {}
    double volume() const { return litres; }
    const std::string& contents() const { return ⟪contents⟶what⟫; }
    void drain(double amount)⟪⟶;⟫
private:
    std::string what;
    double litres;
};

void ⟪drain⟶Barrel::drain⟫(double amount) {
    if (amount > litres)
        throw std::runtime_error("too much");
    litres -= amount;
}

std::map<std::string, double> byContents(const std::vector<Barrel>& barrels) {
    std::map<std::string, double> sums;
    for (const ⟪auto b in⟶auto b :⟶≡auto& b :⟫ barrels) {
        sums[b.contents()] += b.volume()⟪⟶;⟫
    }
    return sums;
}

int main() {
    std::vector<Barrel> barrels;
    barrels.⟪add⟶push_back⟫(Barrel("oil", 200));
    barrels.push_back(Barrel("tar"⟪⟶, 150⟫));
    try {
        barrels[0].drain(250);
    } ⟪except⟶catch⟫ (const std::exception& e) {
        std::cout << e.what() << std::endl;
    }
    for (const auto& pair : byContents(barrels)) {
        std::cout << pair.first << ": " << pair⟪[1]⟶.second⟫ << "\n";
    }
}
