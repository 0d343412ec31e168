#include <cmath>
#include <iostream>
#include <string>

double litres_for(double miles, double wind) {
    double hours = miles / 9.5;
    double drag = 1.0 + std::fabs(wind) / 20.0;
    return hours * 45.0 * drag;
}

std::string judge(double litres) {
    if (litres < 30.0) {
        return "cheap";
    } else if (litres < 45.0) {
        return "fair";
    }
    return "dear";
}

int main() {
    const double winds[] = {-8.0, 0.0, 6.5, 18.0};
    double most = 0.0;
    for (double wind : winds) {
        double litres = litres_for(6.2, wind);
        std::cout << "wind " << wind << ": " << judge(litres) << std::endl;
        if (litres > most) {
            most = litres;
        }
    }
    int cans = static_cast<int>(std::ceil(most / 5.0));
    std::cout << "take " << cans << " cans" << std::endl;
    return 0;
}
