#include <iostream>
#include <vector>
#include <string>

namespace harbour {

template <typename T>
class Ring {
public:
    explicit Ring(size_t size) : items(size)⟪;⟶⟫ {}
    void put(const T& item) {
        items[at] = item;
        at = (at + 1) % items.size⟪⟶()⟫;
    }
    const T& get(size_t i) const { return items[i]; }
    size_t size() const { return items.size(); }
private:
    std::vector<T> items;
    size_t at = 0;
};

struct Tide {
    double level = 0;
    bool rising = true;
    friend std::ostream& operator<<(std::ostream& out, const Tide& t) {
        return out << t.level << (t.rising ? " up" : " down");
    }
};

⟪⟶}⟫

int main() {
    harbour::Ring<⟪Tide⟶harbour::Tide⟫> ring(3);
    ring.put({1.5, true});
    ring.put(harbour::Tide{2.25⟪; ⟶, ⟫false});
    ⟪string⟶std::string⟫ label = "tide ";
    for (⟪int i = 0, i < ring.size(), ++i⟶int i = 0; i < ring.size(); ++i⟶size_t i = 0; i < ring.size(); ++i⟫) {
        std::cout << label << i << ": " << ring.get(i)⟪ + ⟶ << ⟫"\n";
    }
    auto first = ring⟪->⟶.⟫get(0);
    if (first.rising && first.level > 1) {
        std::cout << "rising\n";
    }
}
