#include <iostream>
#include <memory>
#include <string>
#include <vector>

class Vessel {
public:
    explicit Vessel(std::string name) : name(std::move(name)) {}
    virtual ~Vessel() = default;
    virtual int seats() const = 0;
    const std::string &title() const { return name; }

private:
    std::string name;
};

class Ferry : public Vessel {
public:
    Ferry(std::string name, int decks) : Vessel(name), decks(decks) {}
    int seats() ⟪⟶const ⟫override { return decks * 80; }

private:
    int decks;
};

int seats_of(const std::vector<std::unique_ptr<Vessel>> &fleet) {
    int all = 0;
    for (const auto &one : fleet)
        all += one⟪.⟶->⟫seats();
    return all;
}

int main() {
    std::vector<std::unique_ptr<Vessel>> fleet;
    fleet.push_back(std::make_unique<Ferry>("Marta", 2));
    fleet.push_back(std::make_unique<Ferry>("Skua"⟪ ⟶, ⟫3));
    std::cout << seats_of(fleet) << " seats" << std::endl;
    std::cout << fleet[0]->⟪name⟶title()⟫ << std::endl;
}
