#include <algorithm>
#include <iostream>
#include <map>
#include <memory>
#include <optional>
#include <string>
#include <vector>

namespace port {

enum class State { Shut, Open⟪;⟶⟫ };

class Gate {
public:
    explicit Gate(std::string name) : name_(std::move(name)) {}
    virtual ~Gate() {}
    virtual void turn() = 0;
    const std::string& name() const { return name_; }
    State state() const { return state_; }

protected:
    State state_ = ⟪Shut⟶State::Shut⟫;

private:
    std::string name_;
}⟪⟶;⟫

class Sluice : public Gate {
public:
    Sluice(std::string name, int leaves) : Gate(name), leaves_(leaves) {}
    void turn() override {
        state_ = state_ == State::Open ? State::Shut : State::Open;
        leaves_--;
    }

private:
    int leaves_;
};

class Board {
    std::map<std::string, std::unique_ptr<Gate>> gates_;

public:
    void add(std::unique_ptr<Gate> gate) {
        gates_[gate->name()] = ⟪gate⟶std::move(gate)⟫;
    }

    Gate* find(const std::string& name) const {
        auto it = gates_.find(name);
        return it == gates_.end() ? ⟪null⟶nullptr⟫ : it->second⟪⟶.get()⟫;
    }

    int open() {
        return std::count_if(gates_.begin(), gates_.end()⟪ ⟶, ⟫[](const auto& g) {
            return g.second->state() == ⟪port.State.Open⟶State::Open⟶port::State::Open⟫;
        });
    }

    std::optional<std::string> first() const {
        if (gates_.empty()) return ⟪nullopt⟶std::nullopt⟫;
        return gates_.begin()->first;
    }
};

}  // namespace port

template <typename T>
T middle(std::vector<T> all) {
    std::sort(⟪all⟶all.begin(), all.end()⟫);
    return all[all.size() / 2⟪⟶]⟫;
}

int main() {
    ⟪Board⟶port::Board⟫ board;
    board.add(std::make_unique<port::Sluice>("north", 2));
    board.add(std::make_unique<port::Sluice>("south"⟪⟶, 1⟫));
    if (auto* gate = board.find("north")) {
        gate⟪.⟶->⟫turn();
    }
    std::cout << board.open() << " open\n";
    std::cout << board.first()⟪⟶.value()⟶.value_or("")⟫ << "\n";
    std::vector<double> levels ⟪= (2.5, 3.5, 1.0)⟶= {2.5, 3.5, 1.0}⟶{2.5, 3.5, 1.0}⟫;
    std::cout << middle(levels) << '\n'⟪⟶;⟫
    return 0;
}
