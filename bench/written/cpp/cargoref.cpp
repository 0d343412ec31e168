#include <iostream>
#include <string>
#include <vector>

struct Crate {
    std::string label;
    int kilos;
};

void doubled(⟪const ⟶⟫Crate& crate) {
    crate.kilos *= 2;
}

int heaviest(const std::vector<Crate>& crates) {
    int best = 0;
    for (const Crate& c : crates) {
        if (c.kilos > best) {
            best = c.kilos;
        }
    }
    ⟪⟶return best;⟫
}

std::string describe(const Crate& c) {
    return c.label + ": " + ⟪c.kilos⟶std::to_string(c.kilos)⟫ + " kg";
}

bool byLabel(const Crate& a, const Crate& b) {
    return a.label < b.⟪lable⟶label⟫;
}

int main() {
    std::vector<Crate> crates = {{"salt", 40}, {"rope", 25}};
    for (Crate& c : crates) doubled(c);
    std::cout << describe(crates[0]) << "\n";
    int most = heaviest(crates);
    std::cout << most << "\n";
    std::vector<⟪string⟶std::string⟫> labels;
    for (const Crate& c : crates) labels.push_back(c.label);
    std::cout << labels.front() << (byLabel(crates[0], crates[1])⟪ ⟶ ? ⟫"a" : "b") << "\n";
}
