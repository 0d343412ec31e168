#include <iostream>
#include <map>
#include <string>
#include <vector>
using namespace std;

class Hatch {
private:
    string name;
    int width;
    static int made;

public:
    Hatch(string n, int w) : name(n)⟪; ⟶, ⟫width(w) { made++; }

    string getName() const { return name; }
    int getWidth() const { return width; }
    static int count() { return made; }

    bool fits(const Hatch& other) const {
        return width >= other.width;
    }
};

int Hatch::made = 0;

map<string, int> widths(const vector<Hatch>& all) {
    map<string, int> out;
    for (int i = 0; i < all.⟪length⟶size⟫(); i++) {
        out[all[i].getName()] = all[i].⟪getWidth⟶getWidth()⟫;
    }
    return out⟪⟶;⟫
}

int widest(const vector<Hatch>& all) {
    int best = 0;
    for (auto& h : all)
        if (h.getWidth() > best)
            best = ⟪h⟶h.getWidth()⟫;
    return best;
}

int main() {
    vector<Hatch> all = {Hatch("fore", 4), Hatch("aft", 6)};
    for (auto& p : widths(all)) {
        cout << p.⟪key⟶first⟫ << " " << p.second << endl;
    }
    ⟪String⟶string⟫ text = "widest ";
    cout << text << widest(all) << endl⟪:⟶;⟫
    if (all[0].fits(all[1]) || Hatch::count() == 2) {
        cout << "ok" << ⟪"\n⟶"\n"⟫;
    }
}
