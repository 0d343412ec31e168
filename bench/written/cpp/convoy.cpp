#include <iostream>
#include <string>
#include <vector>

template <typename T>
T biggest(const std::vector<T> &values) {
    T best = values[0];
    for (const T &value : values)
        if (best < value) best = value;
    return ⟪Best⟶best⟫;
}

struct Barge {
    std::string name;
    int tons = 0;
};

int load(std::vector<Barge> &convoy, int tons) {
    for (Barge &barge ⟪in⟶:⟫ convoy) {
        barge.tons += tons;
    }
    return convoy.size();
}

int main() {
    std::vector<Barge> convoy = {{"Otter", 40}, {"Heron", 65}};
    load(convoy, 5);
    std::vector<int> tons;
    for (const auto &barge : convoy) {
        tons.push_back(barge.tons)⟪⟶;⟫
    }
    std::cout << "biggest " << biggest(tons) << std::endl;
    const int limit = 60;
    ⟪string⟶std::string⟫ heavy = "";
    for (const auto &barge : convoy) {
        if (barge.tons > limit) {
            heavy ⟪=+⟶+=⟫ barge.name;
        }
    }
    std::cout << heavy << std::endl;
    return 0;
⟪⟶}
⟫
