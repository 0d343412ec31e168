#include <iostream>
#include <map>
#include <memory>
#include <string>
#include <vector>
⟪⟶#include <algorithm>⟫

namespace lamps {

struct Entry {
    std::string place;
    int hours = 0;
    double oil;
};

class Ledger {
public:
    explicit Ledger(std::string keeper) : keeper_(std::move(keeper)) {}

    void add(const Entry& entry)⟪ const⟶⟫ {
        entries_.push_back(entry);
        byPlace_[entry.place] += entry.hours;
    }

    double oil() const {
        double sum = 0;
        for (const Entry& entry ⟪in⟶:⟫ entries_)
            sum += entry.oil;
        return sum;
    }

    const Entry* find(const std::string& place) const {
        auto it = std::find_if(entries_.begin(), entries_.end(),
            [⟪⟶&⟶&place⟶place⟶=⟫](const Entry& e) { return e.place == place; });
        return it == entries_.end() ? nullptr : ⟪it⟶&*it⟫;
    }

    ⟪string⟶std::string⟫ keeper() const { return keeper_; }

private:
    std::string keeper_;
    std::vector<Entry> entries_;
    std::map<std::string, int⟪⟶>⟫ byPlace_;
};

class Lamp {
public:
    virtual ~Lamp() = default;
    virtual double burn(int hours) const = 0;
};

class OilLamp : public Lamp {
public:
    double burn(int hours) const ⟪overide⟶override⟫ { return hours * rate_; }
private:
    double rate_ = 0.3;
}⟪⟶;⟫

class GasLamp : public Lamp {
public:
    ⟪GasLamp(double rate) { rate_(rate) }⟶GasLamp(double rate) : rate_(rate) {}⟫
    double burn(int hours)⟪⟶ const⟫ override { return hours * rate_ * 2; }
private:
    double rate_;
};

}

template <typename T>
T most(const std::vector<T>& all) {
    T best = all⟪.first()⟶.front()⟶[0]⟫;
    for (const T& one : all)
        if (one > best) best = one;
    return best;
}

int main() {
    lamps::Ledger ledger("Ingrid"⟪⟶)⟫;
    std::vector<std::unique_ptr<lamps::Lamp>> all;
    all.push_back(⟪new lamps::OilLamp()⟶std::make_unique<lamps::OilLamp>()⟶std::unique_ptr<lamps::Lamp>(new lamps::OilLamp())⟫);
    all.push_back(std::make_unique<lamps::GasLamp>(0.2));
    std::vector<double> burnt;
    for (auto& lamp : all)
        burnt.push_back(lamp⟪.⟶->⟫burn(6));
    ledger.add({"North mole", 6, burnt[0]⟪)⟶})⟫;
    ledger.add(lamps::Entry{"Slip", ⟪"4"⟶4⟫, burnt[1]});
    const ⟪Entry⟶lamps::Entry⟫* found = ledger.find("Slip");
    if (found ⟪not null⟶!= nullptr⟶⟫)
        std::cout << found->place ⟪<⟶<<⟫ found->hours << std::endl;
    std::cout << "most " ⟪+⟶<<⟫ most(burnt) << "\n";
    std::cout << ledger.⟪keeper⟶keeper()⟫.size() << ledger.oil() << std::endl;
}
