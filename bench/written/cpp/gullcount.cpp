#include <iostream>
#include <map>
#include <string>
#include <sstream>
using namespace std;

struct Sighting {
    string place;
    int count;
    ⟪boolean⟶bool⟫ flying;
};

template <typename T>
T largest(const map<string, T>& table) {
    T best = T();
    for (auto& entry : table) {
        if (entry.second > best) best = ⟪entry⟶entry.second⟫;
    }
    return best;
}

Sighting parse(const string& line) {
    Sighting s;
    ⟪istringstream in = line⟶istringstream in(line)⟫;
    in >> s.place >> s.count;
    s.flying = s.count ⟪<> ⟶!= ⟫0;
    return s;
}

void add(map<string, int> &table, Sighting s) {
    table[s.place⟪)⟶]⟫ += s.count;
}

⟪⟶int ⟫total(const map<string, int>& table) {
    int sum = 0;
    for (map<string, int>::const_iterator it = table.begin(); it != table.end(); ++it)
        sum += ⟪it.second⟶it->second⟫;
    return sum;
}

int main() {
    map<string, int> table;
    string lines[] = {"mole 12", "slip 4", "mole 7"};
    for (int i = 0⟪,⟶;⟫ i < 3; i++) {
        add(table, parse(lines[i]));
    }
    for (auto& [place, count] : table) {
        cout << place << ": " << count << ⟪end⟶endl⟫;
    }
    cout << "largest " << largest(table) << endl;
    cout ⟪>>⟶<<⟫ "total " << total(table) << endl;
    if (table.find("quay") == ⟪table.end⟶table.end()⟫) {
        cout << "no gulls on the quay" << endl;
    }
}
