#include <iostream>
#include <iomanip>
#include <cmath>

// A crossing against the current.

struct Vector {
    double x;
    double y;

    Vector operator+(const Vector& other) const {
        return {x + other.x, y + other.y};
    }

    Vector operator*(double factor) const {
        return {x * factor, y * factor};
    }

    double length() const {
        return std::sqrt(x * x + y * y);
    }
};

std::ostream& operator<<(std::ostream& out, const Vector& v) {
    return out << "(" << v.x << ", " << v.y << ")";
}

double simulate(Vector position, const Vector& speed, double width, double dt) {
    double time = 0.0;
    int steps = 0;
    while (position.y < width && steps < 10000) {
        position = position + speed * dt;
        time += dt;
        steps++;
    }
    std::cout << "landed at " << position << " after " << steps << " steps\n";
    return time;
}

int main() {
    Vector start{0.0, 0.0};
    Vector ferry{0.0, 2.5};
    Vector current{0.6, 0.0};
    double width = 400.0;

    Vector speed = ferry + current;
    std::cout << std::fixed << std::setprecision(1);
    std::cout << "speed over ground: " << speed.length() << " m/s\n";
    double time = simulate(start, speed, width, 0.5);
    if (time > 180.0) {
        std::cout << "too slow: " << time << " s\n";
    } else {
        std::cout << "in time: " << time << " s\n";
    }
    return 0;
}
