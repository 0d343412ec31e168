#include <iostream>
#include <map>
#include <string>

using namespace std;

struct Chain {
    string vessel;
    int links;
    double grade;
};

double strength(const Chain& chain) {
    return chain.links * chain.grade⟪⟶;⟫
}

void repair(Chain& chain, int links) {
    chain.links = links;
}

string describe(Chain chain) {
    return chain.vessel + " has " + ⟪chain.links⟶to_string(chain.links)⟫ + " links";
}

int main() {
    map<string, Chain> locker;
    locker["bow"] = Chain{"Heron", 120, 2.5};
    locker["stern"] = Chain{"Heron", 80, ⟪"2.5"⟶2.5⟫};

    repair(locker["bow"], 118);

    for (auto& entry : locker⟪⟶)⟫ {
        cout << entry.first << ": " << describe(entry.second) << endl;
        cout << strength(entry⟪⟶.second⟫) << endl;
    }

    if (locker.⟪contain⟶count⟶contains⟫("kedge") == 0) {
        cout << "no kedge" << endl;
    }
    ⟪return⟶return 0⟫;
}
