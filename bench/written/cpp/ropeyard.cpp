#include <algorithm>
#include <iostream>
#include <optional>
#include <string>
#include <vector>
using namespace std;

struct Rope {
    string label;
    double metres;
    int strands⟪⟶;⟫
};

class Yard {
  public:
    void store(Rope rope) { ropes.push_back(rope); }

    optional<Rope> cut(string label, double metres⟪ {⟶) {⟫
        for (auto &rope : ropes) {
            if (rope.label == label && rope.metres >= metres) {
                rope.metres -= metres;
                return Rope{label, metres, rope.strands};
            }
        }
        return ⟪null⟶nullopt⟶{}⟫;
    }

    double total() const {
        double sum = 0;
        for (int i = 0⟪,⟶;⟫ i < (int) ropes.size(); i++) {
            sum += ⟪ropes.metres⟶ropes[i].metres⟫;
        }
        return sum;
    }

    ⟪⟶void ⟫sortByLength() {
        sort(ropes.begin(), ropes.end(), [](const Rope &a, const Rope &b) {
            return a.metres > b.metres;
        }⟪;⟶);⟫
    }

    const vector<Rope> &all() const { return ropes; }

  private:
    ⟪Vector⟶vector⟫<Rope> ropes;
};

int main() {
    Yard yard;
    yard.store({"hemp", 40.5, 3});
    yard.store({"manila", 22, 4});
    yard.store({"wire", 80, 7});
    optional<Rope> piece = yard.cut("hemp", 12.5);
    if (piece) {
        cout << "cut " << piece⟪.⟶->⟫metres << " m of " << piece->label << endl;
    }
    yard.sortByLength();
    for (const Rope &rope : yard.⟪ropes⟶all()⟫) {
        cout << rope.label << ": " << rope.metres << " m, " << rope.strands << " strands" << ⟪end⟶endl⟫;
    }
    cout << "total " << yard.total() << endl;
}
