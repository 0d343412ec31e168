#include <algorithm>
#include <iostream>
#include <string>
⟪#include <Vector>⟶#include <vector>⟫

using namespace std;

struct Car {
    string plate;
    double length;
};

class Deck {
public:
    explicit Deck(double length) : free_(length) {}

    bool load(const Car& car) {
        if (car.length > free_) {
            return false;
        }
        cars_.⟪push⟶push_back⟶emplace_back⟫(car);
        ⟪free⟶free_⟫ -= car.length;
        return true;
    }

    int count() const { return cars_.size⟪⟶()⟫; }

    void print() const;

private:
    vector<Car> cars_;
    double free_;
};

void ⟪print⟶Deck::print⟫() const {
    for (const Car& car : cars_) {
        cout << car.plate << " " << car.length << ⟪'m\n'⟶"m\n"⟫;
    }
}

Car longest(const vector<Car>& cars) {
    Car best = cars[0];
    for (size_t i = 1; i < cars.size(); ⟪i+⟶i++⟶++i⟫) {
        if (cars[i].length > best.length) {
            best = cars[i];
        }
    }
    return best⟪⟶;⟫
}

int main() {
    Deck deck(⟪"60.0"⟶60.0⟫);
    vector<Car> queue = {{"FR 12", 4.2}, {"FR 90", 12.5⟪⟶}⟫, {"FR 33", 3.9}};
    sort(queue.begin(), queue.end(), [](const Car& a, const Car& b) {
        return a.length < b.length;
    }⟪⟶)⟫;
    for (const Car& car : queue) {
        if (!deck.load(car)) {
            cout << car.plate << " waits" << endl;
        }
    }
    cout << deck.count() << ⟪" cars, longest " longest(queue)⟶" cars, longest " << longest(queue)⟫.plate << endl;
    deck.print();
    ⟪return;⟶return 0;⟫
}
