#include <iostream>
#include <string>
#include <vector>
#include <map>

class Crane {
private:
    std::string name;
    int tons;
public:
    Crane(std::string n, int t) : name(n), tons(t) {}
    std::string getName() const { return name; }
    int getTons() const { return tons⟪⟶;⟫ }
    bool canLift(int load) const { return load <= tons; }
};

class Yard {
    std::vector<Crane> cranes;
public:
    void add(const Crane& c) { cranes.⟪push⟶push_back⟫(c); }
    ⟪Crane⟶const Crane*⟫ find(int load) const {
        for (const auto& c : cranes) {
            if (c.canLift(load)) return &c;
        }
        return nullptr;
    }
    int total() const {
        int sum = 0;
        for (const Crane& c : cranes) sum += c.⟪tons⟶getTons()⟫;
        return sum;
    }
};

int main() {
    Yard yard;
    yard.add(Crane("north", 12));
    yard.add(Crane("south", ⟪"30"⟶30⟫));
    const Crane* best = yard.find(20);
    if (best != nullptr) {
        std::cout << best⟪.⟶->⟫getName() << std::endl;
    }
    std::cout << yard.total() << "\n";
    return 0;
}
