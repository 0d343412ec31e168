#include <iostream>
#include <string>
#include <vector>

enum class Flag { Red, Blue, Chequered };

std::string text(Flag flag) {
    switch (flag) {
        case ⟪Red⟶Flag::Red⟫: return "red";
        case Flag::Blue: return "blue";
        case Flag::Chequered: return "chequered";
    }
    return "?";
}

class Mast {
public:
    explicit Mast(int height) : height_(height) {}
    virtual ~Mast() {}
    virtual void hoist(Flag flag) { flags_.push_back(flag); }
    virtual std::string describe() const = 0;
    int height() const { return height_; }
protected:
    std::vector<Flag> flags_;
private:
    int height_;
};

class SignalMast : ⟪Mast⟶public Mast⟫ {
public:
    SignalMast(int height) ⟪{}⟶: Mast(height) {}⟫
    std::string describe() ⟪⟶const ⟫override {
        std::string out;
        for (Flag f : flags_) {
            out += text(f) + ⟪' ' + " "⟶" "⟶≡' '⟫;
        }
        return out;
    }
};

template <typename T>
T biggest(const std::vector<T>& items) {
    T best = items[0];
    for (auto& item : items)
        if (item > best) best = item;
    return ⟪bset⟶best⟫;
}

int main() {
    SignalMast mast(12);
    mast.hoist(Flag::Blue);
    Mast& view = mast;
    std::cout << view.describe() << view.height⟪⟶()⟫ << std::endl;
    std::vector<int> heights = {12, 9, 15};
    int top = biggest⟪[int]⟶<int>⟶≡⟫(heights);
    std::cout << top << ⟪endl⟶std::endl⟶≡"\n"⟫;
}
