#include <iomanip>
#include <iostream>
#include <map>
#include <string>

double fare_for(const std::map<std::string, double>& fares, const std::string& kind, int zone) {
    auto found = fares.find(kind);
    if (found == fares.end()) {
        return 0.0;
    }
    double fare = found->second;
    for (int z = 1; z < zone; z++) {
        fare = fare * 1.4;
    }
    return fare;
}

int main() {
    std::map<std::string, double> fares;
    fares["grown"] = 2.5;
    fares["child"] = 1.2;
    fares["bike"] = 0.8;
    double total = 0.0;
    for (int zone = 1; zone <= 3; zone++) {
        double fare = fare_for(fares, "grown", zone);
        std::cout << "zone " << zone << ": " << std::fixed << std::setprecision(2) << fare << "\n";
        total += fare;
    }
    // What a family pays.
    double family = 2 * fare_for(fares, "grown", 2) + fare_for(fares, "child", 2);
    std::cout << "family: " << family << "\n";
    std::cout << "total: " << total << "\n";
    return 0;
}
