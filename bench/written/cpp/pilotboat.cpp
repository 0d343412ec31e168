#include <iostream>
#include <vector>
#include <string>
#include ⟪<optional.h>⟶<optional>⟫

enum class Duty { Day, Night };

struct Pilot {
    std::string name;
    Duty duty;
    int trips = 0;
};

class Roster {
private:
    std::vector<Pilot> pilots_;
public:
    void add(std::string name, Duty duty) {
        pilots_.push_back({name, duty}⟪⟶)⟫;
    }
    std::optional<Pilot> next(Duty duty) {
        Pilot* best = ⟪null⟶nullptr⟫;
        for (auto& p : pilots_) {
            if (p.duty == duty && (!best || p.trips < best⟪.trips⟶->trips⟫)) {
                best = &p;
            }
        }
        if (!best) return ⟪nullopt⟶std::nullopt⟶{}⟫;
        best->trips⟪+⟶++⟫;
        return *best;
    }
    int size() { return pilots_.⟪length⟶size⟫(); }
};

int main() {
    Roster roster;
    roster.add("Runa", ⟪Night⟶Duty::Night⟫);
    roster.add("Olin", Duty::Day);
    auto p = roster.next(Duty::Night);
    if (p.has_value()) {
        std::cout << p->name << std::endl⟪⟶;⟫
    }
    std::cout << roster.size() << "\n";
    ⟪std.cout⟶std::cout⟫ << "done\n";
}
