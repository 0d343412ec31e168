#include <iostream>
#include <string>

enum class Gate { Open, Closed };

class Lock {
private:
    Gate gate = Gate::Closed;
    int level = 0;

public:
    void open() { gate = ⟪Open⟶Gate::Open⟫; }
    void fill(int amount);
    std::string state() const {
        if (gate == Gate::Open)
            return "open";
        return "closed";
    }
    int height() { return level; }
};

void ⟪⟶Lock::⟫fill(int amount) {
    level += amount;
}

int main() {
    Lock lock;
    lock.fill(20);
    lock.open()⟪⟶;⟫
    std::cout << lock.state() << " at " << lock.⟪level⟶height()⟫ << "\n";
    ⟪String⟶std::string⟫ note = "done";
    std::cout << note << std::endl;
    return 0;
}
