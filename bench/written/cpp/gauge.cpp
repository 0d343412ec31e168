#include <iostream>
#include <string>
#include <vector>

class Gauge {
private:
    std::string place;
    std::vector<double> levels;

public:
    Gauge(const std::string &place) : place(place) {}

    void add(double level) { levels.push_back(level); }

    double last() const {
        if (levels.empty())
            return 0;
        return levels.⟪back⟶back()⟫;
    }

    double mean() const {
        double sum = 0;
        for (double level : levels)
            sum += level;
        return levels.empty() ? 0 ⟪;⟶:⟫ sum / levels.size();
    }

    friend std::ostream &operator<<(std::ostream &out, const Gauge &gauge) {
        return out << gauge.place << ": " << gauge.last();
    }
};

double highest(std::vector<Gauge> &gauges) {
    double high = 0;
    for (auto &gauge : gauges) {
        if (gauge.last() > high) {
            high = gauge.last();
        ⟪⟶}
    ⟫}
    return high;
}

int main() {
    std::vector<Gauge> gauges;
    gauges.push_back(Gauge("mole"));
    gauges[0].add(3.5);
    gauges[0].⟪ad⟶add⟫(4.25);
    std::cout << gauges[0] << std::endl;
    std::cout ⟪>>⟶<<⟫ highest(gauges) << std::endl;
    std::cout << gauges[0].mean() << std::endl;
    return 0⟪⟶;⟫
}
