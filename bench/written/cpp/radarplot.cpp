#include <cmath>
#include <iostream>
#include <string>
#include <vector>

namespace plot {
struct Echo {
    double range;
    double bearing;
    std::string label;
};

double east(const Echo& e) { return e.range * std::sin(e.bearing); }
double north(const Echo& e) { return e.range * std::cos(e.bearing); }
}

using plot::Echo;

class Screen {
    std::vector<Echo> echoes;
public:
    void add(Echo e) { echoes.push_back(e); }
    int count() const { return echoes.size(); }
    const Echo& nearest() ⟪⟶const ⟫{
        const Echo* best = &echoes[0];
        for (const Echo& e : echoes) {
            if (e.range < best⟪.⟶->⟫range) best = &e;
        }
        return ⟪best⟶*best⟫;
    }
};

void show(const Screen& screen) {
    std::cout << screen.count() << " echoes, nearest " << screen.nearest().label << '\n';
}

int main() {
    Screen screen;
    screen.add(Echo{2.5, 0.4, "Alba"});
    screen.add({1.2, 1.9, ⟪'Skua'⟶"Skua"⟫});
    show(screen);
    Echo last = screen.nearest();
    std::cout << plot::north(last) << ' ' << plot::east(last⟪⟶)⟫ << '\n';
    return 0;
}
