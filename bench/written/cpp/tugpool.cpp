#include <iostream>
#include <string>
#include <vector>
⟪⟶#include <algorithm>⟫

class Tug {
⟪⟶public:⟫
    Tug(const std::string& name, int power) : name_(name), power_(power) {}

    std::string name() const { return name_; }
    int power() ⟪⟶const ⟫{ return power_; }

private:
    std::string name_;
    int power_;
}⟪⟶;⟫

bool stronger(const Tug& a, const Tug& b) {
    return a.power() > b.power();
}

int total(const std::vector<Tug>& pool) {
    int sum = 0;
    for (const Tug& tug : pool)
        sum += tug⟪->⟶.⟫power();
    return sum;
}

int main() {
    std::vector<Tug> pool;
    pool.push_back(Tug("Bull", 900));
    pool.push_back(Tug(⟪'Ram'⟶"Ram"⟫, 1200));
    std::sort(pool.begin(), pool.end(), stronger);
    for (size_t i = 0⟪,⟶;⟫ i < pool.size(); i++) {
        std::cout << pool[i].name() << " " << pool[i].power() ⟪< ⟶<< ⟫std::endl;
    }
    ⟪string⟶std::string⟶≡auto⟫ best = pool[0].name();
    std::cout << best << " of " << total(pool) << "\n";
    return 0;
}
