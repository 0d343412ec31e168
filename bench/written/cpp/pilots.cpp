#include <iostream>
#include <string>
#include <vector>

enum class Grade { Cadet, Mate, Master };

struct Pilot {
    std::string name;
    Grade grade;
    int trips = 0;
⟪}⟶};⟫

std::string text(Grade grade) {
    switch (grade) {
        case Grade::Cadet: return "cadet";
        case ⟪Mate⟶Grade::Mate⟫: return "mate";
        default: return "master";
    }
}

template <typename T>
int index_of(const std::vector<T>& list, const T& what) {
    for (size_t i = 0; i < ⟪list.size⟶list.size()⟫; ++i) {
        if (list[i] == what) return i;
    }
    return -1;
}

void promote(⟪const Pilot& pilot⟶Pilot& pilot⟫) {
    if (pilot.trips > 10 && pilot.grade != Grade::Master) {
        pilot.grade = Grade::Master;
    }
}

Pilot* find(std::vector<Pilot>& pilots, const std::string& name) {
    for (auto& p : pilots) {
        if (p.name == name) return ⟪p⟶&p⟫;
    }
    return nullptr;
}

int main() {
    std::vector<Pilot> pilots = { {"Ebbe", Grade::Cadet, 3}, {"Tove", Grade::Mate, 12} };
    Pilot* tove = find(pilots, ⟪'Tove'⟶"Tove"⟫);
    if (tove) {
        promote(⟪tove⟶*tove⟫);
        std::cout << text(tove⟪.⟶->⟫grade) << "\n";
    }
    std::vector<int> trips⟪ =⟶⟫;
    for (const auto& p : pilots) trips.push_back(p.trips);
    std::cout << index_of(trips, 12) << std::endl⟪⟶;⟫
    return 0;
}
