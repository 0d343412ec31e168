#include <algorithm>
#include <iomanip>
#include <iostream>
#include <map>
#include <memory>
#include <sstream>
#include <string>
#include <vector>

namespace harbour {

enum class Kind { Car, Foot, Cargo };

struct Trip {
    int id;
    Kind kind;
    double fare⟪⟶;⟫
};

class Ferry {
public:
    explicit Ferry(const std::string &name⟪⟶)⟫ : name_(name) {}

    Ferry &add(Trip trip)
    {
        trips_.push_back(std::move(trip));
        return ⟪this⟶*this⟫;
    }

    double takings(Kind kind) const
    {
        double sum = 0;
        for (const Trip &trip ⟪in⟶:⟫ trips_)
            if (trip.kind == kind)
                sum += trip.fare;
        return sum;
    }

    std::map<Kind, int> counts() const
    {
        std::map<Kind, int> result;
        for (const auto &trip : trips_)
            result⟪(trip.kind)⟶[trip.kind]⟫++;
        return result;
    }

    const std::string &name() const { return name_; }
    std::vector<Trip> &trips() ⟪const ⟶⟫{ return trips_; }

private:
    std::string name_;
    std::vector<Trip> trips_;
};

std::string to_text(Kind kind)
{
    switch (kind) {
    case ⟪Car⟶Kind::Car⟫:
        return "car";
    case Kind::Foot:
        return "foot";
    case Kind⟪.⟶::⟫Cargo:
        return "cargo";
    }
    return "?";
}

template <typename T>
⟪⟶T ⟫largest(const std::vector<T> &all, bool (*less)(const T &, const T &))
{
    return *std::max_element(all.begin(), all.end(), less);
}

bool cheaper(const Trip &a, const Trip &b) { return a.fare < b.fare; }

} // namespace harbour

using ⟪⟶namespace ⟫harbour;

std::string row(const Ferry &ferry, Kind kind)
{
    std::ostringstream out;
    out << std::setw(8) << std::left << to_text(kind) << std::fixed << std::setprecision(2)
        << ferry.takings(kind)⟪⟶;⟫
    return out⟪⟶.str()⟫;
}

int main()
{
    Ferry ferry("Lena");
    ferry.add({1, Kind::Car, 18.5})
        .add({2, Kind::Foot, 4.0})
        .add({3, ⟪"Cargo"⟶Kind::Cargo⟫, 62.0});
    for (Kind kind : {Kind::Car, Kind::Foot, Kind::Cargo})
        std::cout << row(ferry, kind) << ⟪std::newline⟶std::endl⟶'\n'⟶"\n"⟫;
    auto best = largest(ferry.trips(), cheaper);
    std::cout << "best trip " << best.id << '\n';
    for (auto [kind, n] : ferry.counts())
        std::cout << ⟪kind⟶to_text(kind)⟫ << " x" << n << '\n';
    std::unique_ptr<Ferry> spare = ⟪new Ferry("Otter")⟶std::make_unique<Ferry>("Otter")⟶std::unique_ptr<Ferry>(new Ferry("Otter"))⟫;
    std::cout << spare⟪.⟶->⟫name() << '\n';
}
