#include <iostream>
#include <map>
#include <string>
#include <vector>

class Store {
public:
    void add(const std::string &name, int metres) {
        stock[name] += metres;
    }

    int metres(const std::string &name) const {
        auto found = stock.find(name);
        return found == stock.end() ? 0 : found⟪.⟶->⟫second;
    }

private:
    std::map<std::string, int> stock;
}⟪⟶;⟫

int main() {
    Store store;
    std::vector<std::string> names = {"hemp", "nylon"};
    for (const auto &name : names) {
        store.add(⟪40, name⟶name, 40⟫);
    }
    ⟪⟶std::⟫cout << store.metres("hemp") << std::endl;
    return 0;
}
