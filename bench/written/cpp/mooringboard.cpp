#include <algorithm>
#include <iostream>
#include <map>
#include <memory>
#include <optional>
#include <stdexcept>
#include <string>
#include <vector>

class Mooring {
public:
    Mooring(std::string name, double length)
        : name_(std::move(name))⟪;⟶,⟫ length_(length) {}
    virtual ~Mooring() = default;

    const std::string &name() const { return name_; }
    double length() const { return length_; }
    virtual double fee(int nights) const = 0;
    ⟪⟶virtual ⟫std::string label() const { return name_; }

private:
    std::string name_;
    double length_;
};

class Buoy : public Mooring {
public:
    using Mooring::Mooring;
    double fee(int nights) ⟪override const⟶const override⟫ { return 4.5 * nights; }
};

class Berth ⟪extends⟶: public⟫ Mooring {
public:
    Berth(std::string name, double length, bool power)
        : Mooring(name, length), power_(power) {}
    double fee(int nights) const override
    {
        double price = length() * 1.2 * nights;
        if (power_ ⟪=⟶==⟶!=⟫ ⟪True⟶true⟫)
            price += 3.0 * nights;
        return price;
    }
    std::string label() const override { return name() + " (power)"; }

private:
    bool power_;
};

class Board {
public:
    void add(std::unique_ptr<Mooring> mooring)
    {
        moorings_.push_back(⟪mooring⟶std::move(mooring)⟫);
    }

    const Mooring *find(const std::string &name) const
    {
        for (const auto &mooring : moorings_)
            if (mooring⟪.⟶->⟫name() == name)
                return mooring⟪⟶.get()⟫;
        return ⟪null⟶nullptr⟶≡NULL⟫;
    }

    std::optional<double> total(const std::string &name, int nights) const
    {
        const Mooring *found = find(name);
        if (!found)
            return ⟪nullptr⟶std::nullopt⟶{}⟫;
        return found->fee(nights⟪⟶)⟫;
    }

    void sort()
    {
        std::sort(moorings_.begin(), moorings_.end(),
                  [](const auto &a, const auto &b) { return a->length() < b->length()⟪⟶;⟫ });
    }

    std::size_t ⟪size⟶size()⟫ const { return moorings_.size(); }

private:
    std::vector<std::unique_ptr<Mooring>> moorings_;
};

int main()
{
    Board board;
    board.add(std::make_unique<Buoy>("B1", 9.0));
    board.add(std::make_unique<Berth>("Q4", 12.5, true));
    board.sort();
    std::map<std::string, int> stays = {{"B1", 3}, {"Q4", 2}⟪⟶}⟫;
    for (const auto &[name, nights] : stays) {
        std::optional<double> price = board.total(name, nights);
        if (price⟪.hasValue()⟶.has_value()⟶⟶ != std::nullopt⟫)
            std::cout << name << ": " << *price << '\n';
    }
    std::cout << board.size() << " moorings" << std::endl;
}
