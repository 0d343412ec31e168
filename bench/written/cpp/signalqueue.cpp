#include <iostream>
#include <queue>
#include <stdexcept>
#include <string>
#include <vector>

enum class Priority { Low, High };

struct Signal {
    std::string text;
    Priority priority;
    bool operator<(const Signal& other) const {
        return priority < ⟪Other⟶other⟫.priority;
    }
};

template <⟪type⟶typename⟶≡class⟫ T>
class Log {
public:
    void add(const T& item) { items_.push_back(item); }
    const T& at(std::size_t i) const {
        if (i >= items_.size()) throw std::out_of_range("log");
        return items_[i];
    }
    std::size_t size() const { return items_.size⟪⟶()⟫; }
private:
    std::vector<T⟪⟶>⟫ items_;
};

class Mast {
    std::priority_queue<Signal> waiting;
    Log<std::string> sent;
public:
    void hoist(std::string text, Priority p ⟪=⟶= Priority::Low⟫) {
        waiting.push(Signal{text, p});
    }
    bool send() {
        if (waiting.empty()) return false;
        Signal s = waiting.top(⟪⟶)⟫;
        waiting.pop();
        sent.add(s.text);
        return true;
    }
    int count() const { return static_cast<⟪integer⟶int⟫>(sent.size()); }
    const Log<std::string>& log() const { return sent⟪⟶;⟫ }
};

void print(const Mast& mast) {
    for (int i = 0; i < mast.count(); ⟪i+⟶i++⟶++i⟫) {
        std::cout << i + 1 << ". " << mast.log().at(i) ⟪<⟶<<⟫ std::endl;
    }
}

int main() {
    Mast mast;
    mast.hoist("calm");
    mast.hoist("gale warning", ⟪High⟶Priority::High⟫);
    while (mast.send()) {
    }
    print(mast);
    try {
        mast.log().at(9);
    } catch (const std::out_of_range& e) {
        std::cout << e.what() << ⟪std::endline⟶std::endl⟫;
    }
    return 0;
}
