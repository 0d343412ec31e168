#include <iostream>
#include <map>
#include <memory>
#include <string>
#include <vector>

class Item {
public:
    Item(std::string name, double price) : name_(name), price_(price) {}
    virtual ~Item() = default;
    virtual double price() const { return price_; }
    const std::string& name() const { return name_; }
⟪private⟶private:⟫
    std::string name_;
    double price_;
};

class Rope : public Item {
public:
    Rope(std::string name, double perMetre, int metres)
        ⟪⟶: ⟫Item(name, perMetre), metres_(metres) {}
    double price() const override { return ⟪price_⟶Item::price()⟫ * metres_; }

private:
    int metres_;
}⟪⟶;⟫

class Store {
    std::map<std::string, std::unique_ptr<Item>> items_;

public:
    void add(std::unique_ptr<Item> item) {
        std::string key = item⟪.⟶->⟫name();
        items_[key] = std::move(item);
    }

    const Item* find(const std::string& name) const {
        auto it = items_.find(name);
        if (it == items_.end()) {
            return ⟪None⟶nullptr⟶≡NULL⟶≡0⟫;
        }
        return it->second.get();
    }

    double total() ⟪⟶const ⟫{
        double sum = 0;
        for (const auto& entry : items_)
            sum += entry.second->price();
        return sum;
    }
};

void report(const Store& store) {
    std::cout << "total " ⟪>>⟶<<⟫ store.total() << "\n";
}

int main() {
    Store store;
    store.add(std::make_unique⟪(Item)⟶<Item>⟫("shackle", 4.5));
    store.add(std::make_unique<Rope>("hawser", 3.0, 20));
    report(store);
    const Item* item = store.find(⟪'hawser'⟶"hawser"⟫);
    if (item ⟪not⟶!=⟫ nullptr) {
        std::cout << item->name() << " " << item->price() << std::⟪end⟶endl⟫;
    }
    return 0;
}
