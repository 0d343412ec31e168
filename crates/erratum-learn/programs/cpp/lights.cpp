#include <iostream>
#include <string>
#include <array>
using namespace std;

const int LIGHTS = 5;

// A lighthouse shows a pattern of long and short flashes.
class Lighthouse {
    string name;
    string pattern;
    int height;

public:
    Lighthouse() {
        name = "unknown";
        pattern = "-";
        height = 0;
    }

    Lighthouse(string n, string p, int h) {
        name = n;
        pattern = p;
        height = h;
    }

    int period() {
        int seconds = 0;
        for (char c : pattern) {
            if (c == '-')
                seconds += 3;
            else if (c == '.')
                seconds += 1;
            else
                seconds += 2;
        }
        return seconds;
    }

    double range() {
        return 3.6 * height / 10.0;
    }

    bool same(Lighthouse other) {
        return pattern == other.pattern;
    }

    void show() {
        cout << name << " [" << pattern << "] every " << period() << " s" << endl;
    }
};

int main() {
    array<Lighthouse, LIGHTS> coast;
    coast[0] = Lighthouse("North Head", "-.-", 40);
    coast[1] = Lighthouse("Mole", "..", 9);
    coast[2] = Lighthouse("Skerry", "-..-", 31);
    coast[3] = Lighthouse("Gull Rock", "..", 12);

    int twins = 0;
    for (int i = 0; i < LIGHTS; i++) {
        coast[i].show();
        for (int j = i + 1; j < LIGHTS; j++) {
            if (coast[i].same(coast[j])) {
                cout << "  taken for number " << j << endl;
                twins = twins + 1;
            }
        }
    }
    double far = 0;
    int k = 0;
    while (k < LIGHTS) {
        if (coast[k].range() > far) {
            far = coast[k].range();
        }
        k++;
    }
    cout << twins << " pairs, seen from " << far << " miles" << endl;
    return 0;
}
