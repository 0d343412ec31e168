#include <algorithm>
#include <iostream>
#include <map>
⟪⟶#include <memory>
⟫#include <string>
#include <vector>

class Sounding {
public:
    Sounding(double x, double y, double depth)
        : x_(x), y_(y), depth_(depth) {}
    double depth() const { return depth_; }
    bool shallow(double limit) ⟪⟶const ⟫{ return depth_ < limit; }

private:
    double x_, y_, depth_;
}⟪⟶;⟫

class Chart {
public:
    void add(std::unique_ptr<Sounding> s) {
        soundings_.push_back(⟪s⟶std::move(s)⟫);
    }

    int shallows(double limit) const {
        int n = 0;
        for (const auto& s ⟪in⟶:⟫ soundings_) {
            if (s⟪.⟶->⟫shallow(limit)) {
                ++n;
            }
        }
        return n;
    }

    std::vector<double> depths() const {
        std::vector<double> out;
        for (const auto& s : soundings_) {
            out.⟪push⟶push_back⟫(s->depth());
        }
        std::sort(out.begin(), out.end());
        return out;
    }

private:
    std::vector<std::unique_ptr<Sounding>> soundings_;
};

int main() {
    Chart chart;
    chart.add(std::make_unique<Sounding>(1, 2, 8.5));
    chart.add(std::make_unique<Sounding>(2, 2, 3.25));
    std::map<⟪string⟶std::string⟫, int> found;
    found["shallow"] = chart.shallows(5);
    std::cout << "shallow: " ⟪+⟶<<⟫ found["shallow"] << std::endl;
    for (double d : chart.depths()) {
        std::cout << d << ' '⟪⟶;⟫
    }
    std::cout << '\n';
}
