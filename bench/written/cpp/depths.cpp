#include <iostream>
#include <vector>
⟪⟶#include <algorithm>
⟫
double mean(const std::vector<double> &depths) {
    double sum = 0;
    for (std::size_t i = 0; i < depths.size(); ++i) {
        sum += depths[i];
    }
    return sum / depths.size⟪⟶()⟫;
}

void report(const std::vector<double> &depths) {
    std::cout << "mean " << mean(depths) << std::endl;
    std::cout << "deepest " << *std::max_element(depths.begin(), depths.end()) << std::endl;
}

int main() {
    std::vector⟪(double)⟶<double>⟫ depths = {3.5, 4.0, 7.25};
    depths.⟪push⟶push_back⟫(5.5);
    report(depths);
    if (depths.empty()⟪⟶)⟫
        return 1;
    return 0;
}
