#include <iostream>
#include <memory>
#include <string>
#include <vector>

struct Flag {
    std::string meaning;
    char letter;
};

class Mast {
public:
    virtual ~Mast() = default;
    virtual std::string describe() const = 0;
    void hoist(Flag flag) { flags.push_back(flag); }
    std::size_t size() const { return flags.size⟪⟶()⟫; }

protected:
    std::vector⟪(Flag)⟶<Flag>⟫ flags;
};

class SignalMast : public Mast {
public:
    std::string describe() ⟪⟶const ⟫override {
        std::string text;
        for (⟪Flag flag in flags⟶const Flag& flag : flags⟶Flag flag : flags⟶auto flag : flags⟫) {
            text += flag.letter;
            text += " = ";
            text += flag.meaning + "; ";
        }
        return text;
    }
};

template <typename T>
T clamp_to(T value, T low, T high) {
    if (value < low) return low;
    if (value > high) return high⟪⟶;⟫
    return value;
}

int main() {
    std::unique_ptr<Mast> mast = std::make_unique<SignalMast>();
    mast⟪.hoist⟶->hoist⟫({"pilot on board", 'H'});
    mast->hoist(⟪Flag("diver down", 'A')⟶Flag{"diver down", 'A'}⟶{"diver down", 'A'}⟫);
    std::cout << mast->describe() << "\n";
    int wanted = clamp_to(⟪7, 1.0, 5⟶7, 1, 5⟫);
    std::cout << "wanted " << wanted << ", got " << mast->size() << "\n"⟪:⟶;⟫
    ⟪std::unique_ptr<Mast> spare = mast;⟶std::unique_ptr<Mast> spare = std::move(mast);⟫
    spare->hoist({"quarantine"⟪;⟶,⟫ 'Q'});
    return 0;
}
