#include <algorithm>
#include <iostream>
#include <vector>

class TideTable {
public:
    void add(double level) {
        levels.push_back(level);
    }

    double highest() const {
        return *std::max_element(levels.begin(), levels.end());
    }

    int open_hours(double needed) const {
        int open = 0;
        for (double level : levels) {
            if (level >= needed) {
                open++;
            }
        }
        return open;
    }

private:
    std::vector<double> levels;
};

int main() {
    TideTable table;
    double marks[] = {0.8, 1.6, 2.4, 3.1, 2.7, 1.5};
    for (double mark : marks) {
        table.add(mark);
    }
    std::cout << "highest: " << table.highest() << std::endl;
    std::cout << "open: " << table.open_hours(2.0) << " hours" << std::endl;
    return 0;
}
