#include <iostream>
#include <string>
#include <vector>
#include <memory>
using namespace std;

struct Vessel {
    string name;
    int length;
    virtual string kind() const { return "vessel"; }
    virtual ~Vessel() = default;
    Vessel(string n, int l) : name(n), length(l) {}
};

struct Tug : ⟪extends⟶public⟶⟫ Vessel {
    int power;
    Tug(string n, int l, int p) : ⟪super⟶Vessel⟫(n, l), power(p) {}
    string kind() const override { return "tug"; }
};

struct Barge : public Vessel {
    Barge(string n, int l) : Vessel(n, l) {}
    string ⟪kind()⟶kind() const⟫ override { return "barge"; }
};

class Board {
    vector<unique_ptr<Vessel>> slots;
    int free;
public:
    Board(int n) { free = n; }
    bool dock(unique_ptr<Vessel> v) {
        if (free == 0⟪)⟶) {⟫
            return false;
        }
        slots.push_back(⟪v⟶move(v)⟶std::move(v)⟫);
        free--;
        return true;
    }
    int used() const { return slots.size⟪⟶()⟫; }
    void print() const;
};

void ⟪print⟶Board::print⟫() const {
    for (const auto& v : slots) {
        cout << v⟪.⟶->⟫name << " (" << v->kind() << ")" << endl;
    }
}

int main() {
    Board board⟪ = new Board(2)⟶(2)⟶ = Board(2)⟶{2}⟫;
    board.dock(make_unique<Tug>("Bull", 20⟪⟶, 900⟫));
    board.dock(make_unique<Barge>("Flat", 35));
    ⟪boolean⟶bool⟫ ok = board.dock(make_unique<Barge>("Wide", 30));
    cout << "docked third: " << ok << endl;
    board.print();
    cout << ⟪Board::used()⟶board.used()⟫ << " used" << endl;
    if (!ok) {
        cout << "board full" << endl;
    ⟪⟶}⟫
    return 0;
}
