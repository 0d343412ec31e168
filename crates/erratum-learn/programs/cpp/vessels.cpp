#include <iostream>
#include <memory>
#include <string>
#include <vector>

class Vessel {
public:
    explicit Vessel(const std::string& name) : name(name) {}
    virtual ~Vessel() {}
    virtual double speed() const = 0;

    void report() const {
        std::cout << name << " makes " << speed() << " knots" << std::endl;
    }

private:
    std::string name;
};

class Ferry : public Vessel {
public:
    Ferry(const std::string& name, int engines) : Vessel(name), engines(engines) {}

    double speed() const override {
        return 4.5 * engines;
    }

private:
    int engines;
};

class Launch : public Vessel {
public:
    explicit Launch(const std::string& name) : Vessel(name) {}

    double speed() const override {
        return 14.0;
    }
};

int main() {
    std::vector<std::unique_ptr<Vessel>> fleet;
    fleet.push_back(std::make_unique<Ferry>("Heron", 2));
    fleet.push_back(std::make_unique<Launch>("Tern"));
    for (const auto& vessel : fleet) {
        vessel->report();
    }
    return 0;
}
