#include <iostream>
#include <string>
#include <vector>
using namespace std;

struct Stop {
    string name;
    int minute;
};

int length(const vector<Stop> &route) {
    return route[route.size() - 1].minute - route[0].minute;
}

bool calls(const vector<Stop> &route, string name) {
    for (int i = 0⟪:⟶;⟫ i < route.size(); i++) {
        if (route[i].name ⟪=⟶==⟫ name) {
            return true;
        }
    }
    return false;
}

⟪⟶void ⟫print(const vector<Stop> &route) {
    for (const Stop &stop : route) {
        cout << stop.minute << " " << stop.name << endl;
    }
}

int main() {
    vector<Stop> route = {{"Mole", 0}, {"Bar", 25}, {"Island", 40}};
    cout << length(route) << " minutes" << endl;
    if (calls(route, ⟪'Bar'⟶"Bar"⟫)) {
        cout << "calls at the bar" << endl;
    }
    if (route.⟪length⟶size⟫() > 2)
        print(route);
    Stop last = ⟪Route⟶route⟫.back();
    cout << last.name << endl;
}
