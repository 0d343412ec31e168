#include <iostream>
#include <queue>
#include <stdexcept>

using namespace std;

class Lane {
public:
    Lane(int places) : places(places) {}

    void join(int cars) {
        if ((int)waiting.size() >= places) {
            throw runtime_error("the lane is full");
        }
        waiting.push(cars);
    }

    int board(int room) {
        int boarded = 0;
        while (!waiting.empty() && waiting.front() <= room) {
            boarded += waiting.front();
            room -= waiting.front();
            waiting.pop();
        }
        return boarded;
    }

private:
    int places;
    queue<int> waiting;
};

int main() {
    Lane lane(3);
    try {
        for (int cars = 2; cars < 8; cars++) {
            lane.join(cars);
        }
    } catch (const runtime_error& problem) {
        cout << "stopped: " << problem.what() << endl;
    }
    int boarded = lane.board(6);
    cout << boarded << " cars are on board" << endl;
    return 0;
}
