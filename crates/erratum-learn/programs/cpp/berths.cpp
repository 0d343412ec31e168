#include <iostream>
#include <string>
#include <vector>

class Berth {
public:
    Berth(int number, int length) : number(number), length(length), taken(false) {}

    bool fits(int wanted) const {
        return !taken && length >= wanted;
    }

    void take() {
        taken = true;
    }

    std::string text() const {
        std::string state = taken ? "taken" : "free";
        return "berth " + std::to_string(number) + " is " + state;
    }

private:
    int number;
    int length;
    bool taken;
};

int main() {
    std::vector<Berth> berths;
    berths.push_back(Berth(1, 20));
    berths.push_back(Berth(2, 35));
    berths.push_back(Berth(3, 50));
    int boats[] = {30, 45, 60};
    for (int boat : boats) {
        bool found = false;
        for (Berth& berth : berths) {
            if (berth.fits(boat)) {
                berth.take();
                found = true;
                break;
            }
        }
        if (!found) {
            std::cout << "no berth for " << boat << " metres\n";
        }
    }
    for (const Berth& berth : berths) {
        std::cout << berth.text() << "\n";
    }
    return 0;
}
