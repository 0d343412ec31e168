#include <iostream>
#include <map>
#include <string>

struct Order {
    std::string good;
    int crates;
    double price;
⟪⟶};
⟫
class Store {
public:
    bool take(const std::string &good, int crates) {
        auto found = stock.find(good);
        if (found == stock.end() || found->second < crates)
            return false;
        found->second -= crates;
        return true;
    }

    void put(const std::string &good, int crates) { stock[good] += crates; }

    int left(const std::string &good) const {
        auto found = stock.find(good);
        return found == stock.end() ? 0 : found->second;
    }

private:
    std::map<std::string, int> stock;
};

double bill(const Order &order) {
    return order.crates * order.⟪prize⟶price⟫;
}

int main() {
    Store store;
    store.put("rope", 12);
    Order order{"rope", 5, 7.5};
    if (store.take(order.good, order.crates)⟪⟶)⟫ {
        std::cout << "bill " << bill(order) << "\n";
    } else {
        std::cout << "not enough\n";
    }
    ⟪int⟶std::string⟫ name = order.good;
    std::cout << name << " left: " << store.left(⟪rope⟶"rope"⟫) << std::endl;
    return 0;
}
