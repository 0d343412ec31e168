#include <iostream>
#include <string>
#include <vector>
#include <algorithm>

using namespace std;

struct Boat {
    string name;
    int length;
    bool home;
};

bool shorter(const Boat& a, const Boat& b) {
    return a.length < b.length;
}

void print_all(const vector<Boat>& boats) {
    for (size_t i = 0; i < boats.size(); ++i) {
        cout << i + 1 << ". " << boats[i].name;
        if (!boats[i].home) {
            cout << " (at sea)";
        }
        cout << endl;
    }
}

int main() {
    vector<Boat> boats = {
        {"Heron", 32, true},
        {"Tern", 11, false},
        {"Gannet", 24, true},
    };
    sort(boats.begin(), boats.end(), shorter);
    print_all(boats);
    int metres = 0;
    for (const Boat& boat : boats) {
        metres += boat.length;
    }
    cout << "They need " << metres << " metres of quay." << endl;
    return 0;
}
