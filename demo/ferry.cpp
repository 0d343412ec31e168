// The timetable of the harbour ferry.
#include <iostream>
#include <string>

struct Sailing {
    std::string pier;
    int hour;
    int seats;
    double fare;
};

double takings(const std::vector<Sailing>& day) {
    double total = 0.0;
    for (const Sailing& one : day) {
        total += one.seats * one.fare;
    }
    return total
}

int latest(const std::vector<Sailing>& day) {
    int hour = 0;
    for (const Sailing& one : day) {
        if (one.hour > hour) {
            hour = one.huor;
        }
    }
    return hour;
}

int main() {
    std::vector<Sailing> day;
    day.push_back({"North", 7, 40, 3.5});
    day.push_back({"Mole", 13, 35, 4.0});
    std::cout << "Takings: " << takings(day) << "\n";
    std::cout << "Last sailing: " << latest(day) << "\n";
    return 0;
}
