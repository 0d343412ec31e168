#include <iostream>
#include <vector>
using namespace std;

struct Meter {
    int id;
    double value;
    void add(double amount) { value += amount; }
}⟪⟶;⟫

double sum(const vector<Meter>& meters) {
    double all = 0.0;
    for (const Meter& m : meters)
        all += m.value;
    return all;
}

Meter* find(vector<Meter>& meters, int id) {
    for (auto& m : meters) {
        if (m.id == id) {
            return ⟪m⟶&m⟫;
        }
    }
    return ⟪null⟶nullptr⟫;
}

int main() {
    vector<Meter> meters = {{1, 2.5}, {2, 4}};
    Meter* m = find(meters, 2);
    if (m) {
        m⟪.⟶->⟫add(1.5);
    }
    meters.⟪add⟶push_back⟫({3, 1.0});
    cout << sum(meters) << ⟪end⟶endl⟫;
    ⟪Int⟶int⟫ count = meters.size();
    cout << count << " meters" << endl;
}
