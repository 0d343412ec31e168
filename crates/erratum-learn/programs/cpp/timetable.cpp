#include <iostream>
#include <string>
#include <vector>

using namespace std;

// One sailing of the day.
struct Sailing {
    string pier;
    int minutes;
};

string clock_text(int minutes) {
    int hour = minutes / 60;
    int rest = minutes % 60;
    string text = to_string(hour) + ":";
    if (rest < 10) {
        text += "0";
    }
    return text + to_string(rest);
}

int main() {
    vector<Sailing> day;
    day.push_back({"North", 390});
    day.push_back({"Mole", 480});
    day.push_back({"North", 615});
    int north = 0;
    for (const Sailing& one : day) {
        cout << one.pier << " at " << clock_text(one.minutes) << endl;
        if (one.pier == "North") {
            north++;
        }
    }
    cout << north << " sailings from North" << endl;
    return 0;
}
