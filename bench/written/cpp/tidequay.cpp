#include <iostream>
#include <map>
#include <string>

struct Tide {
    int hour;
    double level;
    std::string name⟪⟶;⟫
};

template <⟪Typename⟶typename⟶class⟫ T>
T largest(T a, T b) {
    return a > b ? a ⟪;⟶:⟫ b;
}

class Quay {
public:
    void add(Tide tide) {
        tides[tide.hour] = tide;
    }

    ⟪boolean⟶bool⟫ has(int hour) {
        return tides.find(hour) ⟪=!⟶!=⟫ tides.end();
    }

    double level(int hour) {
        auto tide = tides.at(hour);
        return tide⟪->⟶.⟫level;
    }

private:
    ⟪map⟶std::map⟫<int, Tide> tides;
};

⟪void⟶int⟫ main() {
    Quay quay;
    quay.add(Tide{6, 1.2, ⟪'low'⟶"low"⟫});
    quay.add(Tide{12, 3.9, "high"});
    ⟪foreach⟶for⟫ (int hour : {6, 12}) {
        if (quay.has(hour)) {
            std::cout << quay.level(hour) << std::⟪end⟶endl⟫;
        }
    }
    std::cout << largest(quay.level(6), ⟪4⟶4.0⟫) << "\n";
    return 0;
}
