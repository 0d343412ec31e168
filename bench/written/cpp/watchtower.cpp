#include <iostream>
#include <string>
#include <vector>
#include <stdexcept>

namespace harbour {

enum class Flag { Green, Yellow, Red };

struct Sighting {
    std::string vessel;
    int bearing⟪ = 0,⟶ = 0;⟫
    Flag flag = ⟪Green⟶Flag::Green⟫;
};

class Tower {
public:
    explicit Tower(std::string name) : name_(name) {}

    void see(const std::string& vessel, int bearing, Flag flag) {
        if (bearing < 0 || bearing > 359)
            throw std::out_of_range(⟪'bearing'⟶"bearing"⟫);
        seen_.push_back(Sighting{vessel, bearing, flag});
    }

    const Sighting* last() const {
        return seen_.empty() ? ⟪null⟶nullptr⟫ : &seen_.back();
    }

    int count(Flag flag) const {
        int n = 0;
        for (size_t i = 0; i < seen_.size(); i++)
            if (⟪seen_[i].flag = flag⟶seen_[i].flag == flag⟫)
                n++;
        return n;
    }

private:
    std::string name_;
    std::vector<Sighting> seen_;
};

}

int main() {
    ⟪Tower⟶harbour::Tower⟫ north("north");
    north.see("Avocet", 120, harbour::Flag::Green);
    north.see("Scoter", 275, harbour::Flag::Red);
    const harbour::Sighting* s = north.last();
    if (s != nullptr)
        std::cout << ⟪s.vessel⟶s->vessel⟫ << " at " << s->bearing << ⟪'\n"⟶"\n"⟶'\n'⟫;
    std::cout << north.count(harbour::Flag::Red) << std::endl⟪⟶;⟫
}
