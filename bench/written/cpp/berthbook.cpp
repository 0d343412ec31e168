#include <iostream>
#include <map>
#include <string>
⟪⟶#include <vector>
⟫
class BerthBook {
public:
    void assign(int berth, const std::string &boat) {
        boats[berth] = boat;
    }

    bool free(int berth) const {
        return boats.find(berth) == boats.⟪end⟶end()⟫;
    }

    std::vector<int> berths() const {
        std::vector<int> all;
        for (const auto &pair : boats) {
            all.push_back(pair.⟪key⟶first⟫);
        }
        return all;
    }

private:
    std::map<int, std::string> boats;
}⟪⟶;⟫

int main() {
    BerthBook book;
    book.assign(3, "Skua");
    book.assign(⟪"7"⟶7⟫, "Marta");
    if (book.free(4)) {
        std::cout << "berth 4 is free" ⟪<⟶<<⟫ std::endl;
    }
    for (int berth : book.berths()) {
        std::cout << berth << ⟪'\n⟶'\n'⟫;
    }
}
