#include <iostream>
#include <string>
#include <vector>

class Pilot {
public:
    Pilot(std::string name, int trips) : name(name), trips(trips) {}
    virtual double pay() const { return trips * 12.5; }
    std::string who() const { return name; }
    virtual ~Pilot() {}

protected:
    std::string name;
    int trips;
};

class Master : public Pilot {
public:
    Master(std::string name, int trips, double extra) : Pilot(name, trips), extra(extra) {}
    double pay() const ⟪overide⟶override⟫ { return Pilot::pay() + extra; }
    void rest() { trips = 0⟪⟶;⟫ }

private:
    double extra;
};

int main() {
    std::vector<Pilot *> all;
    all.push_back(new Pilot("Ines", 4));
    all.push_back(new Master("Tove", 6⟪⟶, 50⟶, 0⟫));
    for (Pilot *one : all) {
        std::cout << one⟪.⟶->⟫who() << " " << one->pay() << "\n";
        delete one;
    }
    return 0;
}
