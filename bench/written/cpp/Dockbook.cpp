#include <iostream>
#include <optional>
#include <string>
#include <vector>

class Berth {
public:
    explicit Berth(int number) : number_(number) {}
    int number() const { return number_; }
    const std::optional<std::string>& guest() const { return guest_; }
    void take(const std::string& ship) { guest_ = ship; }
    void leave() { guest_ = ⟪null⟶std::nullopt⟶{}⟫; }

private:
    int number_;
    std::optional⟪[std::string]⟶<std::string>⟫ guest_;
};

class Dock {
public:
    Dock(int berths) {
        for (int i = 1; i <= berths; i++) {
            berths_.push_back(⟪i⟶Berth(i)⟫);
        }
    }

    Berth* free() {
        for (Berth& berth : berths_) {
            if (!berth.guest()⟪.has_value⟶.has_value()⟶⟫) return ⟪berth⟶&berth⟫;
        }
        return nullptr;
    }

    bool arrive(std::string ship) {
        Berth* berth = free();
        if (berth ⟪is⟶==⟫ nullptr) return false;
        berth⟪.⟶->⟫take(ship);
        return true;
    }

    friend std::ostream& operator<<(std::ostream& out, const Dock& dock) {
        for (const auto& berth : dock.⟪berth_⟶berths_⟫) {
            out << berth.number() << ' ' << berth.guest().value_or("-") << '\n';
        }
        return out;
    }

private:
    std::vector<Berth> berths_;
⟪⟶};⟫

int main() {
    Dock dock(2);
    for (std::string ship : {"Tern", "Gull", "Auk"}) {
        if (!dock.arrive(ship))
            std::cout << ship << " waits\n";
    }
    std::cout << dock⟪⟶;⟫
}
