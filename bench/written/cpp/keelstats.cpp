#include <iostream>
#include <vector>
#include <cmath>
#include <iomanip>

using namespace std;

template <class T>
class Series {
    vector<T> data;
public:
    void push(T value) { data.push_back(value); }
    ⟪size_t size { return data.size(); }⟶size_t size() { return data.size(); }⟶size_t size() const { return data.size(); }⟫
    T operator[](size_t i) const { return data[i]; }
    double mean() const {
        double sum = 0;
        for (size_t i = 0; i < data.size(); ++i)
            sum += ⟪data(i)⟶data[i]⟫;
        return sum / data.size();
    }
};

struct Keel {
    double length;
    int ribs;
    Keel(double l, int r) { length = l; ribs = r; }
};

double spread(const Series<double>& s) {
    double m = s.mean(), sum = 0.0;
    int i;
    for (i = 0; i < 3; i++)
        sum += ⟪(s[i] - m)^2⟶pow(s[i] - m, 2)⟶(s[i] - m) * (s[i] - m)⟫;
    return sqrt(sum / 3);
}

bool longer(const Keel& a, const Keel& b) {
    return ⟪a > b⟶a.length > b.length⟫;
}

void report(Series<double> &s) {
    cout << fixed << setprecision(2)⟪⟶;⟫
    cout << "mean " << s.mean() << endl;
    cout << "spread " << spread(s) ⟪+ ⟶<< ⟫endl;
}

int main() {
    Series⟪⟶<double>⟫ lengths;
    vector<Keel> keels;
    keels.push_back(Keel(12.5, 30));
    keels.push_back(Keel(9.75, 22⟪, 1⟶⟫));
    keels.push_back({14.0, 34});
    for (auto k : keels) {
        lengths.push(k.length);
    ⟪⟶}⟫
    report(lengths);
    if (longer(keels[0], keels[1]))
        cout << "first is longer" << endl;
    ⟪Keel spare;⟶Keel spare(0, 0);⟶Keel spare(1.0, 1);⟫
    spare.ribs = 8;
    cout << spare.ribs << ⟪'\n⟶'\n'⟫;
}
