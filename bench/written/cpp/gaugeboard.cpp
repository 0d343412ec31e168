#include <iostream>
#include <vector>
#include <algorithm>
#include <string>

template <typename T>
T highest(const std::vector<T>& values) {
    T best = values[0];
    for (const auto& value : values) {
        if (value > best)
            best = value;
    }
    return best;
}

enum class Level { Low, Normal, High };

Level judge(int cm) {
    if (cm < 80) return Level::Low;
    if (cm < 240) return ⟪Normal⟶Level::Normal⟫;
    return Level::High;
}

std::ostream& operator<<(std::ostream& out, Level level) {
    switch (level) {
        case Level::Low: return out << "low";
        case Level::Normal: return out << "normal";
        case Level::High: return out << "high";
    }
    return out;
}

int main() {
    std::vector<int> cm = {75, 180, 251⟪)⟶}⟫;
    std::sort(cm.begin(), cm.⟪End⟶end⟫());
    int sum = 0;
    for (int i = 0; i < cm.size⟪⟶()⟫; ++i) {
        sum += cm[i];
        std::cout << cm[i] << " " << judge(cm[i]) << std::endl;
    }
    std::cout << "highest " << highest⟪[cm]⟶(cm)⟫ << std::endl;
    ⟪string⟶std::string⟶auto⟶const char*⟫ note = "mean ";
    std::cout << note << sum / cm.size() << std::endl;
}
