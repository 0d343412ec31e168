#include <iostream>
#include <map>
#include <string>
#include <vector>

enum class Lamp { Off, Steady, Flash };

class Mast {
public:
    Mast(std::string name) : name_(name) {}

    void set(int slot, Lamp lamp) {
        lamps_[slot] = lamp;
    }

    Lamp get(int slot) const {
        auto it = lamps_.find(slot);
        if (it == lamps_.end())
            return ⟪Off⟶Lamp::Off⟫;
        return ⟪it.second⟶it->second⟫;
    }

    const std::string& name() const { return name_; }

private:
    std::string name_;
    std::map<int, Lamp> lamps_;
⟪}⟶};⟫

std::string word(Lamp lamp) {
    switch (lamp) {
        case Lamp::Off: return "off";
        case Lamp::Steady: return "steady";
        case Lamp::Flash⟪;⟶:⟫ return "flash";
    }
    return "?";
}

int count(const std::vector<Mast>& masts, Lamp lamp) {
    int n = 0;
    for (const Mast& m ⟪in⟶:⟫ masts) {
        for (int slot = 0; slot < 4; ++slot) {
            if (m.get(slot) == lamp) n++;
        }
    }
    return n;
}

int main() {
    std::vector<Mast> masts;
    masts.push_back(Mast("north"));
    masts.⟪add⟶push_back⟶≡emplace_back⟫(Mast("south"));
    masts[0].set(1, Lamp::Flash);
    masts[1].set(⟪"2"⟶2⟫, Lamp::Steady);

    for (const auto& m : masts) {
        std::cout << m.name⟪⟶()⟫ << ": " << word(m.get(1)) << ⟪end⟶std::endl⟫;
    }
    std::cout << "flashing " ⟪+⟶<<⟫ count(masts, Lamp::Flash) << std::endl;
    return 0;
}
