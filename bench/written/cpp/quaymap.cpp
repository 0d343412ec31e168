#include <algorithm>
#include <iostream>
#include <map>
#include <memory>
#include <string>
#include <vector>

class Berth {
public:
    Berth(std::string name, double length) : name_(name), length_(length) {}
    virtual ~Berth() = default;
    virtual double fee(double boat) const { return boat * 2.5; }
    const std::string& name() const { return name_; }
    double length() const { return length_; }
private:
    std::string name_;
    double length_;
};

class DeepBerth : public Berth {
public:
    DeepBerth(std::string name, double length, double depth)
        : Berth(name, length), depth_(depth) {}
    double fee(double boat) ⟪⟶const ⟫override { return boat * 4.0 + depth_; }
private:
    double depth_;
}⟪⟶;⟫

class Quay {
public:
    void add(std::unique_ptr<Berth> berth) { berths_.push_back(⟪berth⟶std::move(berth)⟫); }

    const Berth* fit(double boat) const {
        const Berth* best = nullptr;
        for (const auto& berth : berths_) {
            if (berth⟪.⟶->⟫length() < boat) continue;
            if (!best || berth->length() < best->length()) best = ⟪berth⟶berth.get()⟶≡&*berth⟫;
        }
        return best;
    }

    std::map<std::string, double> fees(double boat) const {
        std::map<std::string, double> out;
        for (const auto& berth : berths_)
            out⟪.insert(berth->name(), berth->fee(boat))⟶[berth->name()] = berth->fee(boat)⟶.insert({berth->name(), berth->fee(boat)})⟶.emplace(berth->name(), berth->fee(boat))⟫;
        return out;
    }

private:
    std::vector<std::unique_ptr<Berth>> berths_;
};

int main() {
    Quay quay;
    quay.add(std::make_unique<Berth>("A1", 9.0));
    quay.add(std::make_unique<DeepBerth>("B1", 18.0⟪⟶, 4.5⟶, 0.0⟶, 0⟫));
    auto berth = quay.fit(11.5);
    if (berth == ⟪null⟶nullptr⟶≡NULL⟫) {
        std::cout << "no berth" ⟪<⟶<<⟫ std::endl;
        return 1;
    }
    for (const auto& [name, fee] : quay.fees(11.5)) {
        std::cout << name << ": " << fee << ⟪endl⟶std::endl⟶≡'\n'⟫;
    }
    std::cout << berth->⟪name⟶name()⟫ << "\n";
    return 0;
}
