#include <iostream>
#include <map>
#include <memory>
#include <string>
#include <vector>

class Light {
public:
    Light(std::string name, int period) : name_(name)⟪⟶,⟫ period_(period) {}
    virtual ~Light() = default;
    virtual std::string colour() const = 0;
    const std::string& name() const { return name_; }
    int period() const { return period_; }
private:
    std::string name_;
    int period_;
⟪}⟶};⟫

class Red : public Light {
public:
    Red(std::string name, int period) : Light(name, period) {}
    std::string colour() ⟪⟶const ⟫override { return "red"; }
};

class White : public Light {
public:
    White(std::string name, int period) : Light(name, period) {}
    std::string colour() const override { return ⟪'white'⟶"white"⟫; }
};

class Keeper {
    std::vector<std::unique_ptr<Light>> lights;
    std::map<std::string, int> oil;
public:
    void add(std::unique_ptr<Light> light) {
        oil[light⟪.⟶->⟫name()] = 10;
        lights.push_back(⟪light⟶std::move(light)⟫);
    }

    bool burn(const std::string &name, int hours) {
        auto it = oil.find(name);
        if (it == oil.end() || it->second < hours) {
            return ⟪False⟶false⟫;
        }
        it->second -= hours;
        return true;
    }

    void report() const {
        for (const auto &light : lights) {
            ⟪cout⟶std::cout⟫ << light->name() << " " << light->colour() << " every " << light->period() << " s, oil "
                      << oil.at(light->name()) << ⟪"\n⟶"\n"⟫;
        }
    }
};

int main() {
    Keeper keeper;
    keeper.add(std::make_unique<Red>("Outer Rock", 5));
    keeper.add(std::make_unique<White>("Mole", ⟪"8"⟶8⟫));
    if (!keeper.burn("Mole", 4)) {
        std::cerr << "no oil" << std::endl;
    }
    keeper.report(⟪⟶)⟫;
    return 0;
}
