#include <iostream>
#include <vector>
#include <string>
#include <algorithm>
#include <set>

namespace harbour {

struct Sailing {
    std::string to;
    int hour;
    int minute;
};

class Schedule {
public:
    void add(const std::string& to, int hour, int minute) {
        Sailing s;
        s.to = to;
        s.hour = hour;
        s.minute = minute;
        sailings.push_back(s);
        places.insert(to);
    }

    // The next sailing to a place, or -1.
    int next(const std::string& to, int hour) const {
        int best = -1;
        for (unsigned int i = 0; i < sailings.size(); ++i) {
            const Sailing& s = sailings[i];
            if (s.to != to || s.hour < hour) {
                continue;
            }
            if (best == -1 || s.hour < sailings[best].hour) {
                best = i;
            }
        }
        return best;
    }

    std::vector<int> hours(const std::string& to) const {
        std::vector<int> result;
        std::for_each(sailings.begin(), sailings.end(), [&](const Sailing& s) {
            if (s.to == to) {
                result.push_back(s.hour);
            }
        });
        std::sort(result.begin(), result.end());
        return result;
    }

    bool known(const std::string& to) const {
        return places.count(to) > 0;
    }

private:
    std::vector<Sailing> sailings;
    std::set<std::string> places;
};

}  // namespace harbour

int main() {
    harbour::Schedule schedule;
    schedule.add("Skerry", 7, 30);
    schedule.add("Lund", 9, 0);
    schedule.add("Skerry", 16, 45);

    int next = schedule.next("Skerry", 8);
    if (next >= 0 && schedule.known("Skerry")) {
        std::cout << "next is number " << next << std::endl;
    }
    std::string text = "hours:";
    for (int hour : schedule.hours("Skerry")) {
        text += " " + std::to_string(hour);
    }
    std::cout << text << std::endl;
    return 0;
}
