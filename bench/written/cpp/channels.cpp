#include <algorithm>
#include <iostream>
#include <memory>
#include <string>
#include <vector>

⟪using std⟶using namespace std⟫;

class Marker {
public:
    explicit Marker(string name) : name(move(name)) {}
    virtual ~Marker() = default;
    virtual string sign() const = 0⟪⟶;⟫
    string name;
};

class Port : public Marker {
public:
    using Marker::Marker;
    string sign() const override { return "red " + name; }
};

class Starboard : public Marker {
public:
    using Marker::Marker;
    string sign() ⟪override⟶const override⟫ { return "green " + name; }
};

int longest(const vector<unique_ptr<Marker>>& markers) {
    int best = 0;
    for (const auto& m : markers) {
        int n = ⟪m.name⟶m->name⟫.size();
        best = max(best, n);
    }
    return ⟪Best⟶best⟫;
}

int main() {
    vector<unique_ptr<Marker>> markers;
    markers.push_back(make_unique<Port>("P1"));
    markers.push_back(⟪new Starboard("S12")⟶make_unique<Starboard>("S12")⟶unique_ptr<Marker>(new Starboard("S12"))⟫);
    sort(markers.begin(), markers.end(), [](const auto& a, const auto& b) {
        return a->name < b->name;
    }⟪⟶)⟫;
    for (const auto& m : markers) {
        cout << m->sign() ⟪<<⟶<< endl⟫;
    }
    string top = markers[0]->name;
    if (top⟪.empty⟶.empty()⟫) {
        cout << "no name\n";
    }
    cout ⟪>>⟶<<⟫ longest(markers) << '\n';
}
