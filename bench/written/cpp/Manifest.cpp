#include <algorithm>
#include <iostream>
#include <map>
#include <string>
#include <vector>

enum class Cargo { Grain, Fish, Timber };

struct Lot {
    Cargo cargo;
    double tons;
};

std::string name(Cargo cargo) {
    switch (cargo) {
        case ⟪Grain⟶Cargo::Grain⟫: return "grain";
        case Cargo::Fish: return "fish";
        default: return ⟪'timber'⟶"timber"⟫;
    }
}

class Manifest {
    std::vector<Lot> lots;
    std::map<std::string, double> totals;

public:
    void add(Cargo cargo, double tons) {
        ⟪lots.push_back(cargo, tons)⟶lots.push_back({cargo, tons})⟶lots.push_back(Lot{cargo, tons})⟫;
        totals[⟪cargo⟶name(cargo)⟫] += tons;
    }

    double heaviest() const {
        auto it = std::max_element(lots.begin(), lots.end(),
            [](const Lot& a, const Lot& b) { return a.tons < b.tons⟪⟶;⟫ });
        return ⟪it.tons⟶it->tons⟶(*it).tons⟫;
    }

    void print() ⟪constant⟶const⟫ {
        for (auto const& ⟪(kind, tons)⟶[kind, tons]⟫ : totals) {
            std::cout << kind << ": " << tons << "\n";
        }
    }

    int count() const { return lots⟪.length⟶.size⟫(); }
};

int main() {
    Manifest manifest;
    manifest.add(Cargo::Grain, 12.5);
    manifest.add(⟪"fish"⟶Cargo::Fish⟫, 3);
    manifest.add(Cargo::Timber, 40);
    ⟪Manifest.print()⟶manifest.print()⟫;
    if (manifest.count() > 2 && manifest.heaviest() > 20)
        std::cout << "heavy" << std::endl;
    else
        std::cout << "light" ⟪+⟶<<⟫ std::endl;
    ⟪return⟶return 0⟫;
}
