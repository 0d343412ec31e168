#include <fstream>
#include <iostream>
#include <sstream>
#include <string>
#include <vector>

struct Item {
    std::string name;
    int count = 0;
    double kilos = 0;
};

bool parse(const std::string& line, Item& item) {
    std::istringstream in(line);
    return static_cast<bool>(in >> item.name >> item.count >> item.kilos);
}

double weight(const std::vector<Item>& items) {
    double sum = 0;
    for (const Item& item ⟪in⟶:⟫ items) {
        sum += item.count * item.kilos;
    }
    return sum;
}

Item heaviest(const std::vector<Item>& items) {
    Item best;
    for (const auto& item : items)
        if (item.kilos > best.⟪kilo⟶kilos⟫) best = item;
    return best;
}

int main() {
    std::vector<std::string> lines{"rope 4 12.5", "lamp 10 0.8", "anchor one 45"};
    std::vector<Item> items;
    for (const auto& line : lines) {
        Item item;
        if (parse(line, item)) {
            items.⟪push⟶push_back⟶≡emplace_back⟫(item);
        } else ⟪⟶{⟫
            std::cerr << "cannot read: " << line << '\n';
        }
    }
    std::cout << weight(items) << " kg\n";
    std::cout << "heaviest: " << heaviest(items).name << '\n';
    return 0;
}
