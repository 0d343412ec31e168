#include <iostream>
#include <iomanip>
#include <cmath>

const int SIZE = 6;

double mean(double values[], int n) {
    double sum = 0;
    for (int i = 0; i < n; ++i)
        sum += values[i];
    return sum / n;
}

double spread(double values[], int n) {
    double m = mean(values⟪⟶, n⟫);
    double sq = 0;
    for (int i = 0; i < n; ++i)
        sq += ⟪power⟶std::pow⟶≡pow⟫(values[i] - m, 2);
    return std::sqrt(sq / n);
}

void shift(double values[], int n, double by) {
    for (int i = 0; i < n; ++i) ⟪⟶{⟫
        values[i] += by;
        values[i] = std::round(values[i] * 100) / 100;
    }
}

int main() {
    double tides[SIZE] = {1.2, 1.9, 2.4, 2.2, 1.7, ⟪1,3⟶1.3⟫};
    std::cout << std::fixed << std::setprecision(2);
    std::cout << mean(tides, SIZE) << "\n";
    std::cout << spread(tides, SIZE) << "\n";
    ⟪dubble⟶double⟫ moved = 0.5;
    shift(tides, SIZE, moved);
    std::cout << tides⟪(0)⟶[0]⟫ << "\n";
    return 0⟪⟶;⟫
}
