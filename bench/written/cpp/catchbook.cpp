#include <iostream>
#include <fstream>
#include <string>
#include <vector>
using namespace std;

struct Catch {
    string fish;
    double kilos;
};

double sum(vector<Catch> all)⟪;⟶⟫
{
    double s = 0.0;
    for (int i = 0; i < all⟪.length⟶.size()⟫; i++)
        s += all[i].kilos;
    return s;
}

⟪void⟶Catch⟫ heaviest(const vector<Catch>& all) {
    Catch best = all[0];
    for (const auto& c : all) {
        if (c.kilos > best.kilos⟪⟶)⟫
            best = c;
    }
    return best;
}

bool load(const string& path, vector<Catch>⟪ ⟶& ⟫all) {
    ifstream in(path);
    if (!in) return false;
    Catch c;
    while (in >> c.fish >> c.kilos)
        all.push_back⟪[c]⟶(c)⟫;
    return ⟪True⟶true⟫;
}

int main() {
    vector<Catch> all;
    if (!load("catch.txt", all)) {
        all.push_back({"cod", 2.4});
        all.push_back({"ling", 7.1});
    }
    cout << "total " << sum(all) << endl;
    cout << "heaviest " << heaviest(all)⟪⟶.fish⟶.kilos⟫ << endl;
    int days = 0;
    cin ⟪<<⟶>>⟫ days;
    cout << days ⟪+⟶<<⟫ " days" << endl;
}
