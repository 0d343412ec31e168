#include <iostream>
#include <string>
#include <vector>

class Manifest {
⟪⟶public:
⟫    void add(const std::string &name, double weight) {
        names.push_back(name);
        weights.push_back(weight);
    }

    double total() const {
        double sum = 0;
        for (double w : weights) {
            sum += w;
        }
        return sum;
    }

    int size() const { return names.⟪length⟶size⟫(); }

private:
    std::vector<std::string> names;
    std::vector<double> weights;
}⟪⟶;⟫

int main() {
    Manifest manifest;
    manifest.add("salt", 40.5);
    manifest⟪->⟶.⟫add("oil", 12);
    std::cout << manifest.size() << " items, " << manifest.total() << ⟪endl⟶std::endl⟫;
    return 0;
}
