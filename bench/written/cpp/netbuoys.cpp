#include <iostream>
#include <string>
#include <vector>
#include <stdexcept>

template <typename T⟪⟶>⟫
class Stack {
public:
    void push(const T& value) { items.push_back(value)⟪⟶;⟫ }

    T pop() {
        if (items.empty()) {
            throw ⟪std::runtime_error "empty"⟶std::runtime_error("empty")⟫;
        }
        T top = items.back();
        items.pop_back();
        return top;
    }

    bool empty() const { return items.empty(); }

private:
    ⟪vector⟶std::vector⟫<T> items;
};

class Buoy {
    std::string name;
    double depth;
public:
    Buoy(std::string n, double d) ⟪⟶: ⟫name(n), depth(d) {}
    ⟪string⟶std::string⟫ getName() const { return name; }
    double getDepth() ⟪⟶const ⟫{ return depth; }
    friend std::ostream& operator<<(std::ostream& out, const Buoy& b);
};

std::ostream& operator<<(std::ostream& out, const Buoy& b) {
    out << b.name << " at " << b.depth;
⟪⟶    return out;
⟫}

double deepest(const std::vector<Buoy>& all) {
    double best = 0;
    for (int i = 0; i < all.size⟪⟶()⟫; i++) {
        if (all[i].getDepth() > best)
            best = all[i].getDepth();
    }
    return best;
}

void rename(Buoy& b, std::string name);

int main() {
    Stack<int> lamps;
    lamps.push(3);
    lamps.push(⟪"4"⟶4⟫);
    std::vector<Buoy> all;
    all.push_back(Buoy("Fairway", 12.5));
    all.push_back(⟪Buoy("Skerry")⟶Buoy("Skerry", 8)⟶Buoy("Skerry", 0)⟶Buoy("Skerry", 1.0)⟫);
    Buoy* first = ⟪all[0]⟶&all[0]⟫;
    std::cout << first⟪.⟶->⟫getName() << "\n";
    while (⟪!lamps.empty⟶!lamps.empty()⟫) {
        std::cout << lamps.pop() << std::endl;
    }
    try {
        lamps.pop();
    } catch (std::runtime_error &e) {
        std::cout << e⟪->⟶.⟫what() << "\n";
    }
    std::cout << all[1] << ⟪std::endl()⟶std::endl⟫;
    std::cout << "deepest: " << deepest(all) << std::⟪end⟶endl⟫;
}
