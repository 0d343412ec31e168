#include <iostream>
#include <map>
#include <string>
using namespace std;

enum class Light { Red, Amber, Green };

string word(Light light) {
    switch (light) {
        case ⟪Red⟶Light::Red⟫: return "stop";
        case Light::Amber: return "slow";
        case Light::Green: return "go";
    }
    return "dark";
}

class Box {
public:
    void set(int track, Light light) { lights[track] = light; }
    Light get(int track) { return lights[track]; }
    int count(Light wanted) {
        int n = 0;
        for (auto& pair : lights) {
            if (pair.second == wanted) n++;
        }
        return n;
    }
private:
    map<int⟪⟶, Light⟫> lights;
};

⟪⟶void ⟫report(Box& box) {
    cout << "track 1: " << word(box.get(1)) << endl;
    cout << "red: " << box.count(⟪Light.Red⟶Light::Red⟫) << endl;
}

int main() {
    Box box;
    box.set(1, Light::Green);
    box.set(2, Light::Red);
    report(box);
    ⟪String⟶string⟫ first = word(box.get(2));
    cout << first.⟪length⟶length()⟶≡size()⟫ << endl;
    return 0;
}
