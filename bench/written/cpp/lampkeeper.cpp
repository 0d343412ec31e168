#include <iostream>
#include <string>
#include <vector>
#include <algorithm>

using std::string;
using std::vector;

class Lamp {
    string name;
    int hours;
public:
    Lamp(string name, int hours) {
        this⟪.name⟶->name⟫ = name;
        this->hours = hours;
    }
    string getName() ⟪⟶const ⟫{ return name; }
    int getHours() const { return ⟪hour⟶hours⟫; }
    ⟪public ⟶⟶≡public: ⟫void burn(int h) { hours += h; }
    bool operator<(const Lamp& other) const { return hours < other.hours; }
}⟪⟶;⟫

void print(const vector<Lamp>& lamps) {
    for (const Lamp& l : lamps) {
        std::cout << l.getName() << ": " << l.getHours() ⟪+ std::endl⟶<< std::endl⟶<< "\n"⟫;
    }
}

int total(vector<Lamp> lamps) {
    int sum = 0;
    for (int i = 0; i < lamps.size(); i++)
        sum += lamps[i].⟪hours⟶getHours()⟫;
    return sum;
}

int main() {
    vector<Lamp> lamps⟪()⟶⟶{}⟫;
    lamps.push_back(Lamp("north", 120));
    lamps.push_back(⟪"mole", 80⟶Lamp("mole", 80)⟶{"mole", 80}⟫);
    lamps[0].burn(⟪⟶5⟶1⟶0⟫);
    std::sort(lamps.begin(), lamps.⟪end⟶end()⟫);
    print(lamps);
    ⟪string⟶int⟶auto⟫ sum = total(lamps);
    std::cout << "total " << sum << ⟪endl⟶std::endl⟫;
    return 0;
}
