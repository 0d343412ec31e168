#include <iostream>
#include <sstream>
#include <string>
#include <map>
#include <vector>
#include <numeric>

template <typename T>
T biggest(const std::vector<T>& values) {
    T best = values[0];
    for (const T& value : values) {
        if (value > best) {
            best = value;
        }
    }
    return best;
}

enum class Kind { Fare, Freight, Fine };

Kind kindOf(const std::string& word) {
    if (word == "fare") return Kind::Fare;
    if (word == "freight") return Kind::Freight;
    return Kind::Fine;
}

std::string nameOf(Kind kind) {
    switch (kind) {
        case Kind::Fare:
            return "fares";
        case Kind::Freight:
            return "freight";
        case Kind::Fine:
            return "fines";
    }
    return "";
}

int main() {
    std::istringstream input("fare 12.5\nfreight 80\nfine 25\nfare 7.25\n");
    std::map<Kind, std::vector<double>> book;
    std::string line;
    int bad = 0;

    while (std::getline(input, line)) {
        std::istringstream parts(line);
        std::string word;
        double amount = 0;
        if (!(parts >> word >> amount)) {
            bad++;
            continue;
        }
        book[kindOf(word)].push_back(amount);
    }

    for (const auto& [kind, amounts] : book) {
        double sum = std::accumulate(amounts.begin(), amounts.end(), 0.0);
        std::cout << nameOf(kind) << ": " << sum;
        std::cout << ", the biggest " << biggest(amounts) << std::endl;
    }
    if (bad > 0) {
        std::cout << bad << " lines could not be read" << std::endl;
    }
    return 0;
}
