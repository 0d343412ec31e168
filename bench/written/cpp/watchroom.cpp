#include <iostream>
#include <memory>
#include <string>
#include <vector>

class Alarm {
public:
    Alarm(std::string text, int level) : text(text), level(level) {}
    virtual ~Alarm() {}
    virtual void ring() const = 0;
    int getLevel() ⟪⟶const ⟫{ return level; }
protected:
    std::string text;
private:
    int level;
};

class Bell : public Alarm {
public:
    Bell(std::string text) : Alarm(text⟪⟶, 1⟶, 0⟶, 2⟫) {}
    void ring() const override { std::cout << "bell " << text << std::endl; }
};

class Siren : public Alarm {
public:
    Siren(std::string text, int level) : Alarm(text, level) {}
    void ring()⟪ override⟶ const override⟫ { std::cout << "siren " << text << std::endl; }
};

int loudest(const std::vector<std::unique_ptr<Alarm>>& all) {
    int best = 0;
    for (const auto& a : all) {
        if (a->⟪level⟶getLevel()⟫ > best) best = a->getLevel();
    }
    return best;
}

int main() {
    std::vector<std::unique_ptr<Alarm>> all;
    all.push_back(⟪new Bell("fog")⟶std::make_unique<Bell>("fog")⟶std::unique_ptr<Alarm>(new Bell("fog"))⟫);
    all.push_back(std::make_unique<Siren>("fire", 5));
    for (⟪auto⟶auto&⟶const auto&⟫ a : all) a->ring();
    const Alarm& first = *all[0];
    std::cout << first.getLevel() << std::endl;
    std::string line = "loudest " + ⟪loudest(all)⟶std::to_string(loudest(all))⟫;
    std::cout << line << std::endl;
    ⟪Alarm spare("test", 1)⟶Bell spare("test")⟫;
}
