#include <iostream>
#include <map>
#include <memory>
#include <string>
using namespace std;

struct Item {
    string name;
    int amount ⟪:=⟶=⟫ 0;
    virtual double price() const { return amount * 1.5; }
    virtual ~Item() = default;
};

struct Rope : ⟪extends Item⟶Item⟶public Item⟫ {
    double metres = 0;
    double price() const override { return metres * 0.4; }
};

class Stores {
public:
    void put(unique_ptr<Item> item) {
        string key = item⟪.name⟶->name⟫;
        items[key] = ⟪item⟶move(item)⟶std::move(item)⟫;
    }
    double value() const {
        double sum = 0;
        for (const auto& [key, item] : items) {
            sum += item->price⟪⟶()⟫;
        }
        return sum;
    }
    bool has(const string& key) {
        return items.find(key) != items.end(⟪⟶)⟫;
    }
private:
    map<string, unique_ptr<Item>> items;
};

int main() {
    Stores stores;
    auto rope = make_unique<Rope>();
    rope->name = "rope";
    rope->metres = 30;
    stores.put(move(rope));
    auto paint = ⟪new make_unique<Item>()⟶make_unique<Item>()⟫;
    paint->name = ⟪'paint'⟶"paint"⟫;
    paint->amount = 4;
    stores.put(move(paint));
    cout << stores.value() << " " << boolalpha << stores.has("rope") << endl;
}
