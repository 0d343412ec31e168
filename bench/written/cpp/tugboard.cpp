#include <algorithm>
#include <iostream>
#include <string>
#include <vector>

struct Tug {
    std::string name;
    int pull;
    bool free = true;
};

class Board {
    std::vector<Tug> tugs;

public:
    void add(const std::string& name, int pull) {
        tugs.push_back(⟪Tug(name, pull)⟶Tug{name, pull}⟶{name, pull}⟫);
    }

    Tug* find(std::string name) {
        for (auto& tug : tugs)
            if (tug.name == name)
                return ⟪tug⟶&tug⟫;
        return nullptr;
    }

    int strongest() const {
        auto it = std::max_element(tugs.begin(), tugs.end(),
            [](const Tug& a, const Tug& b) { return a.pull < b.pull; }⟪⟶)⟫;
        return it⟪.⟶->⟫pull;
    }

    void release(int at) {
        tugs[at].free = true;
    }
};

int main() {
    Board board⟪()⟶⟫;
    board.add("Otter", 40);
    board.add("Stoat"⟪ ⟶, ⟫55);
    Tug* tug = board.find("Otter");
    if (tug != ⟪null⟶nullptr⟶≡NULL⟫)
        tug->free = false;
    std::cout << "strongest: " << board.strongest⟪⟶()⟫ << std::endl;
    std::cout << board⟪->⟶.⟫find("Stoat")->name << '\n';
}
