#include <iostream>
#include <memory>
#include <map>
#include <string>

using namespace std;

struct Lock {
    string name;
    double lift;
    ⟪Lock⟶Lock*⟫ next;
};

class Canal {
public:
    Canal() : first(nullptr), count(0) {}

    void add(string name, double lift) {
        Lock* lock = new Lock();
        lock⟪.⟶->⟫name = name;
        lock->lift = lift;
        lock->next = first;
        first = lock;
        count++;
    }

    double rise() const {
        double sum = 0;
        for (Lock* l = first; l != ⟪null⟶nullptr⟶≡NULL⟫; l = l->next) {
            sum += l->lift;
        }
        return sum;
    }

    int size() const ⟪return count;⟶{ return count; }⟫

private:
    Lock* first;
    int count;
};

void show(const map<string, int>& crew) {
    for (auto it = crew.begin(); it != crew.end(); ++it) {
        cout << it⟪.⟶->⟫first << ": " << it->second << endl;
    }
}

int main() {
    Canal canal⟪()⟶⟫;
    canal.add("upper", 2.5);
    canal.add("lower"⟪ ⟶, ⟫3.25);
    map<string, int> crew;
    crew["upper"] = 2;
    crew["lower"] = ⟪"3"⟶3⟫;
    show(crew);
    cout << canal.size() << " locks rise " << canal.rise() << endl⟪⟶;⟫
}
