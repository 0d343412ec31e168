#include <iostream>
#include <queue>
#include <string>

class Lane {
public:
    Lane(int limit) : limit(limit) {}

    bool join(const std::string &plate) {
        if (cars.size() >= limit) {
            return false;
        }
        cars.push(plate);
        return true⟪⟶;⟫
    }

    std::string leave() {
        std::string first = cars.front()⟪⟶;⟫
        cars.pop();
        return first;
    }

    bool empty() const { return cars.⟪isEmpty⟶empty⟫(); }

private:
    std::queue<std::string⟪⟶>⟫ cars;
    unsigned limit;
};

int main() {
    Lane lane(2);
    lane.join("HB 12");
    lane.join(⟪'HB 40'⟶"HB 40"⟫);
    while (!lane.empty()⟪⟶)⟫ {
        std::cout ⟪>> ⟶<< ⟫lane.leave() << "\n";
    }
    return 0;
}
