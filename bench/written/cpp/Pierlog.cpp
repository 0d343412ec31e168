#include <iostream>
#include <string>
#include <vector>
#include <map>

class Vessel {
    std::string name_;
    int length_;
⟪⟶public:
⟫    Vessel(std::string name, int length) : name_(name)⟪⟶,⟫ length_(length) {}
    std::string name() const { return name_; }
    int length() const { return length_; }
⟪}⟶};⟫

class Pier {
public:
    ⟪Pier(int metres) { metres_ = metres }⟶Pier(int metres) { metres_ = metres; }⟫

    bool moor(const Vessel& vessel) {
        if (vessel.length() > free()) {
            return ⟪False⟶false⟫;
        }
        vessels_.⟪push⟶push_back⟶emplace_back⟫(vessel);
        return true;
    }

    int free() const {
        int used = 0;
        for (const Vessel& vessel : vessels_) {
            used += vessel.length()⟪⟶;⟫
        }
        return metres_ - used;
    }

private:
    int metres_;
    std::vector<Vessel> vessels_;
};

int main() {
    Pier pier⟪ = new Pier(120)⟶(120)⟶ = Pier(120)⟶{120}⟫;
    std::map<std::string, int> lengths = {{"Tern", 30}⟪ ⟶, ⟫{"Gull", 55}, {"Auk", 48}};
    for (const auto& [name, length] : lengths) {
        Vessel vessel(name, length);
        ⟪if !pier.moor(vessel)⟶if (!pier.moor(vessel))⟫ {
            std::cout << name << " must wait\n";
        }
    }
    std::cout ⟪>>⟶<<⟫ "free: " << pier.free() << std::endl;
    ⟪string⟶std::string⟫ last = "closed";
    std::cout << last << '\n';
}
