#include <iostream>
#include <string>
#include <utility>

template <class T, int N>
class Stack {
private:
    T items[N];
    int top = 0;

public:
    bool push(T item) {
        if (top == N) {
            return false;
        }
        items[top++] = item;
        return true;
    }

    T pop() {
        return items[--top];
    }

    bool empty() const {
        return top == 0;
    }
};

struct Crate {
    std::string mark;
    double weight = 0.0;
};

std::pair<double, int> unload(Stack<Crate, 4>& stack) {
    double weight = 0.0;
    int count = 0;
    do {
        Crate crate = stack.pop();
        weight += crate.weight;
        count++;
        std::cout << crate.mark << " is ashore" << std::endl;
    } while (!stack.empty());
    return std::make_pair(weight, count);
}

int main() {
    Stack<Crate, 4> hold;
    const char* marks[] = {"A1", "B7", "C2", "D9", "E4"};
    double weights[] = {120.5, 80.0, 44.25, 61.0, 10.0};

    for (int i = 0; i < 5; i++) {
        Crate crate;
        crate.mark = marks[i];
        crate.weight = weights[i];
        if (!hold.push(crate)) {
            std::cout << "no room for " << crate.mark << std::endl;
        }
    }
    std::pair<double, int> result = unload(hold);
    std::cout << result.second << " crates of " << result.first << " kg" << std::endl;
    return 0;
}
