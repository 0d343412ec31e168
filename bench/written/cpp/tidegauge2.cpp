#include <iostream>
#include <fstream>
#include <sstream>
#include <string>
#include <map>
⟪⟶#include <vector>⟫
using namespace std;

struct Mark {
    string place⟪,⟶;⟫
    double level;
};

template <class T>
T largest(const vector<T>& all) {
    T best = all[0];
    for (⟪int i = 1, i < all.size(), i++⟶int i = 1; i < all.size(); i++⟶size_t i = 1; i < all.size(); i++⟫)
        if (all[i] > best)
            best = all[i];
    return best;
}

bool parse(const string& line, Mark& mark) {
    istringstream in(line);
    return ⟪(in >> mark.place >> mark.level)⟶bool(in >> mark.place >> mark.level)⟶static_cast<bool>(in >> mark.place >> mark.level)⟶!!(in >> mark.place >> mark.level)⟫;
}

void show(const map<string, vector<double>>& marks) {
    for (const auto& entry : marks) {
        cout << entry⟪.key⟶.first⟫ << ": " << largest(entry.second) << endl;
    }
}

double mean(const vector<double> &v) {
    double sum = 0;
    ⟪foreach⟶for⟫ (double x : v)
        sum += x;
    return v.empty() ? 0 ⟪;⟶:⟫ sum / v.size();
}

int main(int argc, char* argv[]) {
    map<string, vector<double>> marks;
    ifstream file(argc > 1 ? argv[1] : "marks.txt"⟪⟶)⟫;
    string line;
    while (⟪file.getline(line)⟶getline(file, line)⟶std::getline(file, line)⟫) {
        Mark m;
        if (parse(line, m)) {
            marks[m.place].⟪push⟶push_back⟫(m.level);
        }
    }
    show(marks);
    ⟪vector<double> all()⟶vector<double> all⟶vector<double> all{}⟫;
    for (auto& entry : marks) {
        all.push_back(mean(entry.second));
    }
    ⟪string report = "mean " + mean(all)⟶string report = "mean " + to_string(mean(all))⟫;
    cout << report << ⟪end⟶endl⟫;
    int high = 0;
    for (double level : all) {
        if (level > 5.0) high⟪+⟶++⟫;
    }
    cout << high << " high\n"⟪⟶;⟫
    return 0;
}
