#include <iostream>
#include <map>
#include <string>

using namespace std;

struct Sailing {
    string harbour;
    int minutes;
};

bool later(const Sailing &a, const Sailing &b) {
    return a.minutes > b.minutes;
}

string clock_text(int minutes) {
    string hours = to_string(minutes / 60);
    string rest = to_string(minutes % 60);
    if (rest.size() < 2) {
        rest = "0" + rest;
    }
    return hours + ⟪':⟶':'⟫ + rest;
}

int main() {
    map<string, Sailing> table;
    table["early"] = {"North Pier", 375};
    table["late"] = {"Mole", ⟪"1290"⟶1290⟫};
    for (auto &row ⟪in⟶:⟫ table) {
        cout << row.first << " " << clock_text(row.second.minutes)⟪ < ⟶ << ⟫"\n";
    }
    if (later(table["late"], table⟪("early")⟶["early"]⟫)) {
        cout << "late is later" << endl;
    }
}
