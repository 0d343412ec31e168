#include <iostream>
⟪⟶#include <memory>
⟫#include <queue>
#include <string>

class Vehicle {
public:
    virtual ~Vehicle() = default;
    virtual double fare() const = 0;
    virtual std::string plate() const { return number; }
protected:
    explicit Vehicle(std::string n) : number(n) {}
    std::string number;
};

class Car : ⟪⟶public ⟫Vehicle {
public:
    Car(std::string n) : Vehicle(n) {}
    double fare() const override { return 18.5; }
};

class Lorry : public Vehicle {
public:
    Lorry(std::string n, int axles) : Vehicle(n), axles(axles) {}
    double fare() ⟪⟶const ⟫override { return 25.0 * axles; }
private:
    int axles;
};

int main() {
    std::queue<std::unique_ptr<Vehicle>> lane;
    lane.push(std::make_unique<Car>("HB 12"));
    lane.push(std::make_unique<Lorry>("HB 77"⟪⟶, 3⟶, 2⟶, 0⟫));
    double sum = 0;
    while (!lane.⟪isEmpty⟶empty⟫()) {
        Vehicle& next = *lane.front();
        sum += next.fare⟪⟶()⟫;
        std::cout << next.plate() << "\n";
        lane.pop();
    }
    std::cout << "sum: " << sum << "\n";
}
