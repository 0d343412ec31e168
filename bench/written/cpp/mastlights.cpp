#include <iostream>
#include <string>
#include <vector>
#include <stdexcept>

namespace harbour {

enum class Colour { Red, Green, White };

class Light {
    std::string name;
    Colour colour;
    bool lit = false;

public:
    Light(const std::string& n, Colour c) : name(n), ⟪colour = c⟶colour(c)⟶colour{c}⟫ {}

    void toggle() { lit = !lit; }
    bool isLit() const { return lit; }
    const std::string& getName() ⟪⟶const ⟫{ return name; }
    Colour getColour() const { return colour⟪⟶; ⟫}
};

class Mast {
private:
    std::vector<Light> lights;
public:
    void add(Light l) { lights.⟪add⟶push_back⟫(l); }

    Light& find(const std::string& n) {
        for (Light& l : lights) {
            if (l.getName() == n) return l;
        }
        throw std::runtime_error("no light " + n);
    }

    int count(Colour c) const {
        int n = 0;
        for (const auto& l : lights)
            if (l.getColour() == c && l.isLit())
                n++;
        return n;
    }

    friend std::ostream& operator<<(std::ostream& os, const Mast& m) {
        for (const Light& l : m.lights)
            os << l.getName() << (l.isLit() ? "*" ⟪; ⟶: ⟫" ") << '\n';
        return ⟪cout⟶os⟫;
    }
};

}

int main() {
    harbour::Mast mast;
    mast.add(harbour::Light("top", ⟪Colour::White⟶harbour::Colour::White⟫));
    mast.add(harbour::Light("port", harbour::Colour::Red));
    mast.add(harbour::Light("port2", ⟪harbour::Red⟶harbour::Colour::Red⟫));
    mast.find("port").⟪toggle⟶toggle()⟫;
    try {
        mast.find("stern").toggle();
    } catch (const std::exception& e) {
        std::cerr << e.what() << std::endl;
    }
    std::cout << mast.count(harbour::Colour::Red) << " red\n" << mast;
    return ⟪o⟶0⟫;
}
