#include <algorithm>
#include <iostream>
#include <string>
#include <vector>
using namespace ⟪std⟶std;⟫

template <⟪type⟶typename⟶class⟫ T>
T largest(const vector<T>& xs) {
    T best = xs[0];
    for (const T& x : xs)
        if (x > best) best = x;
    return best;
}

struct Depth {
    double metres;
    bool operator>(const Depth& o) const { return metres > o.metres; }
};

ostream& operator<<(ostream& out, const Depth& d) {
    ⟪out << d.metres << " m";⟶return out << d.metres << " m";⟫
}

double mean(const vector<double>& xs) {
    double sum = 0;
    for (int i = 0; i < xs.⟪length()⟶size()⟫; ++i)
        sum += xs⟪(i)⟶[i]⟫;
    return sum / xs.size();
}

string grade(double m) {
    if (m > 10)
        return "deep";
    ⟪elseif⟶else if⟫ (m > 4)
        return "fair";
    return ⟪'shallow'⟶"shallow"⟫;
}

int main() {
    vector<double> soundings{3.5, 11.2, 7.0};
    vector<Depth> depths;
    for (double s : soundings)
        depths.push_back(Depth{s});
    sort(⟪soundings⟶soundings.begin(), soundings.end()⟫);
    cout << mean(soundings) ⟪>>⟶<<⟫ endl;
    cout << largest(depths) << endl;
    ⟪String⟶string⟶auto⟫ g = grade(mean(soundings));
    cout << "grade: " + g << endl;
    int total = 0;
    for_each(soundings.begin(), soundings.end(), [⟪⟶&⟶&total⟫](double s) { total += s; });
    cout << total << endl;
    return 0;
}
