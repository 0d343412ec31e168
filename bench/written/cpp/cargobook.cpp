#include <iostream>
#include <string>
#include <vector>

namespace cargo {

enum class Kind { Dry, Wet, Cold };

struct Item {
    std::string label;
    Kind kind;
    double tons = 0;
};

class Book {
public:
    explicit Book(int limit) : limit_{limit} {}
    bool add(const Item& item);
    double total() const;
    const Item* find(const std::string& label) const;
private:
    std::vector<Item> items_;
    ⟪const int limit⟶int limit_⟶const int limit_⟫;
};

bool ⟪add⟶Book::add⟫(const Item& item) {
    if (items_.size() >= limit_) return false;
    items_.push_back(item);
    return true;
}

double Book::total() ⟪⟶const ⟫{
    double sum = 0;
    for (auto& i : items_) sum += i.tons;
    return ⟪total⟶sum⟫;
}

const Item* Book::find(const std::string& label) const {
    for (const auto& i : items_) {
        if (i.label == label) return ⟪i⟶&i⟫;
    }
    return nullptr;
}

⟪⟶}⟫

int main() {
    ⟪Book⟶cargo::Book⟫ book(3);
    book.add({"salt", cargo::Kind::Dry, 4.5});
    book.add({"fish", ⟪Kind::Cold⟶cargo::Kind::Cold⟫, 1.25});
    book.add({"oil", cargo::Kind⟪.Wet⟶::Wet⟫, 2});
    auto* fish = book.find("fish");
    if (fish) std::cout << fish⟪.label⟶->label⟫ << '\n';
    std::cout << "total: " << book.total() << std::endl⟪⟶;⟫
    switch (fish->kind) {
        case cargo::Kind::Cold: std::cout << "cold"; break;
        ⟪default⟶default:⟫ std::cout << "dry";
    }
}
