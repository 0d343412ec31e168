#include <iostream>
#include <string>
#include <vector>
using namespace std;

struct Depth {
    int row;
    int col;
    double metres⟪⟶;⟫
};

class Chart {
    vector<Depth> all;
public:
    void add(int row, int col, double metres) {
        Depth d = {row, col, metres};
        all.⟪add⟶push_back⟫(d);
    }

    double shallow() const {
        double best = all[0].metres;
        for (⟪i = 0⟶int i = 0⟶size_t i = 0⟫; i < all.size(); i++) {
            if (all[i].metres < best)
                best = all[i]⟪->⟶.⟫metres;
        }
        return best;
    }

    int count(double limit) const {
        int n = 0;
        for (auto& d : all) {
            if (d.metres > limit⟪⟶)⟫ {
                n++;
            }
        }
        return n;
    }

    void print() const {
        for (const Depth& d ⟪of⟶:⟫ all)
            cout << d.row << "," << d.col << " "⟪ ⟶ << ⟫d.metres << endl;
    }
};

int main() {
    Chart chart⟪ = new Chart()⟶⟫;
    chart.add(1, 2, 4.5);
    chart.add(2, 3⟪. ⟶, ⟫6.0);
    chart.print();
    cout << "shallow " << chart.⟪shalow⟶shallow⟫() << endl;
    cout << ⟪count(5.0)⟶chart.count(5.0)⟫ << endl;
    return 0⟪⟶;⟫
}
