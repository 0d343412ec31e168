#include <iostream>
#include <string>
#include <vector>
#include <algorithm>

class Sail {
public:
    Sail(std::string n, double t) : name(n), time(t) {}
    double getTime() ⟪cosnt⟶const⟫ { return time; }
    std::string getName() const { return name; }
private:
    std::string name;
    double time;
}⟪⟶;⟫

class Regatta {
    std::vector<Sail> sails;
public:
    void add(const Sail& s) { sails.⟪push⟶push_back⟫(s); }
    const Sail& winner() const {
        return *std::min_element(sails.begin(), sails.end(),
            [](const Sail& a, const Sail& b) { return a.⟪time⟶getTime()⟫ < b.getTime(); });
    }
    ⟪integer⟶int⟫ size() const { return static_cast<int>(sails.size()); }
    void print() const {
        for (auto s ⟪in⟶:⟫ sails) {
            std::cout << s.getName() << " " << s.getTime() << ⟪endl⟶std::endl⟫;
        }
    }
};

int main() {
    Regatta regatta;
    regatta.add(Sail("Kite", 31.5));
    regatta.add(Sail("Gull"⟪ 29.8⟶, 29.8⟫));
    regatta.print();
    std::cout ⟪<⟶<<⟫ "winner " << regatta.winner().getName() << '\n';
    std::cout << regatta.size() << " sails\n";
}
