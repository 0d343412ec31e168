#include <algorithm>
#include <iostream>
#include <map>
#include <memory>
#include <string>
#include <vector>

enum class Kind { Tug, Ferry, Yacht };

class Boat {
public:
    Boat(const std::string& name, double length) : name_(name), length_(length) {}
    virtual ~Boat() = default;
    virtual double fee(int days) const { return length_ * days; }
    std::string name() const { return name_; }
    double length() const { return length_; }
    void rename(const std::string& name) { name_ = name; }

protected:
    double length_;

private:
    std::string name_;
};

class Ferry : public Boat {
public:
    Ferry(const std::string& name, double length, int seats) : Boat(name, length), seats_(seats) {}
    double fee(int days) const override { return Boat::fee(days) + seats_; }
    int seats() const { return seats_; }

private:
    int seats_;
};

struct Place {
    int number;
    double size;
};

template <typename T>
T largest(const std::vector<T>& items) {
    T best = items[0];
    for (const T& item : items) {
        if (item > best) {
            best = item;
        }
    }
    return best;
}

std::string text(Kind kind) {
    switch (kind) {
        case Kind::Tug:
            return "tug";
        case Kind::Ferry:
            return "ferry";
        default:
            return "yacht";
    }
}

double total(const std::vector<std::unique_ptr<Boat>>& boats, int days) {
    double sum = 0;
    for (const auto& boat : boats) {
        sum += boat->fee(days);
    }
    return sum;
}

int main() {
    std::vector<std::unique_ptr<Boat>> boats;
    boats.push_back(std::make_unique<Boat>("Auk", 9.5));
    boats.push_back(std::make_unique<Ferry>("Skua", 24.0, 80));
    std::map<std::string, int> visits;
    visits["Auk"] = 3;
    visits["Skua"] += 1;
    std::vector<double> lengths = {9.5, 24.0, 7.25};
    std::sort(lengths.begin(), lengths.end());
    Place place{1, 12.0};
    for (size_t i = 0; i < boats.size(); i++) {
        std::cout << boats[i]->name() << " " << boats[i]->length() << std::endl;
    }
    for (const auto& entry : visits) {
        std::cout << entry.first << ": " << entry.second << "\n";
    }
    if (total(boats, 2) > 100 && place.size > 10) {
        std::cout << "dear" << std::endl;
    }
    std::cout << largest(lengths) << " " << text(Kind::Ferry) << std::endl;
    return 0;
}
