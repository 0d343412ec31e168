#include <algorithm>
#include <iostream>
#include <string>
#include <vector>

struct Gust {
    std::string from;
    double speed;
};

class Log {
    std::vector<Gust> gusts;

public⟪⟶:⟫
    void add(const std::string& from, double speed) {
        gusts.push_back(Gust{from⟪;⟶,⟫ speed});
    }

    double strongest() const {
        double best = 0;
        for (const auto& g : gusts)
            if (g.speed > best) best = g.speed;
        return best;
    }

    int count(std::string from) ⟪⟶const ⟫{
        return std::count_if(gusts.begin(), gusts.end(),
            [⟪⟶&⟶=⟶from⟶&from⟫](const Gust& g) { return g.from == from; });
    }

    void sort() {
        std::sort(gusts.begin(), gusts.end(), [](const Gust& a, const Gust& b) {
            return a.speed > b.speed;
        }⟪⟶)⟫;
    }

    const Gust& top() const { return gusts⟪(0)⟶[0]⟶.at(0)⟶.front()⟫; }
};

void report(const Log& log) {
    std::cout << "strongest " << log.strongest() << "\n";
    std::cout << "from west " << log.count("west") << "\n";
}

int main() {
    Log log⟪()⟶⟫;
    log.add("west", 12.5);
    log.add("north", ⟪"9"⟶9⟶9.0⟫);
    log.add("west", 7);
    log.⟪Sort⟶sort⟫();
    report(log);
    std::string line = "top: " + log.top().from⟪:⟶;⟫
    std::cout << line << std::endl;
}
