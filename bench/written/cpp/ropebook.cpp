#include <iostream>
#include <map>
#include <string>
#include <vector>
using namespace std;

template <typename T>
T largest(const vector<T>& all) {
    T best = all⟪.at[0]⟶.at(0)⟫;
    for (auto item : all)
        if (best < item) best = item;
    return best;
}

class RopeBook {
    map<string, vector<double>> lengths;

public:
    void cut(string rope, double length) {
        lengths[rope].push_back(length);
    }

    double used(⟪String⟶string⟶≡std::string⟫ rope) const {
        auto found = lengths.find(rope);
        if (found == lengths.end()) return 0;
        double sum = 0;
        for (double d : found->second) sum += d;
        return sum;
    }

    void print() const {
        for (const auto& entry : lengths) {
            cout << entry.⟪key⟶first⟫ << ": " << used(entry.first) << endl;
        }
    }
};

int main() {
    RopeBook book⟪()⟶⟫;
    book.cut("hemp", 4.5);
    book.cut("hemp", 3);
    book.cut("nylon"⟪ 12⟶, 12⟫);
    book.print();
    ⟪vector<double>⟶vector<double> all⟫ = {2.5, 7, 4};
    cout << "largest " << largest(all) << endl;
    ⟪RopeBook *spare = RopeBook();⟶RopeBook *spare = new RopeBook();⟫
    spare->cut("wire", 1);
    delete spare;
    return 0;
}
