#include <iostream>
#include <string>

using namespace std;

struct Car {
    string plate;
    double length;
    int axles;
};

double toll(const Car& car) {
    double base = 4.5;
    if (car.length > 6.0 ⟪⟶&& ⟫car.axles > 2) {
        base = base * 2;
    }
    return base;
}

void print(const Car& car) {
    cout << car.plate << ": " << toll(car) << ⟪endline⟶endl⟫;
}

int main() {
    Car one = {"HB 220", 4.2, 2};
    Car two;
    two.plate = "HB 417";
    two.length = 7.5⟪⟶;⟫
    two.axles = 3;
    print(one);
    print(two);
    int paid = 0;
    double sum = 0;
    for (const Car& car : {one, two})
    {
        sum += toll(car)⟪⟶;⟫
        paid++;
    }
    cout << paid << " cars, " << sum << ⟪⟶endl⟫;
}
