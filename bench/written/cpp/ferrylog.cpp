#include <iostream>
#include <fstream>
#include <sstream>
#include <string>
#include <vector>

struct Entry {
    std::string ship;
    double hours;
}⟪⟶;⟫

std::vector<Entry> parse(std::istream& in) {
    std::vector<Entry> out;
    std::string line;
    while (std::getline(in, line)) {
        std::istringstream row(line);
        Entry e;
        row >> e.ship >> e.hours;
        out.push_back(e);
    }
    return out;
}

double average(const std::vector<Entry>& all) {
    if (all.empty()) return 0;
    double sum = 0;
    for (⟪int i = 0, i < all.size(), i++⟶int i = 0; i < all.size(); i++⟶≡size_t i = 0; i < all.size(); i++⟫) {
        sum += all[i].hours;
    }
    return sum / all.size()⟪⟶;⟫
}

int main() {
    std::istringstream in("heron 4.5\nplover 6.25\n");
    std::vector<Entry> all = parse(in);
    std::cout << "entries: " ⟪<⟶<<⟫ all.size() << "\n";
    double mean = average(all);
    if (mean ⟪=>⟶>=⟫ 5) {
        std::cout << "long days\n";
    } ⟪els⟶else⟫ {
        std::cout << "short days\n";
    }
    for (const Entry& e ⟪in⟶:⟫ all) {
        std::cout << e.ship << '\n';
    }
}
