#include <iostream>
#include <⟪Vector⟶vector⟫>
#include <string>

using namespace std⟪⟶;⟫

class Crane {
⟪private⟶private:⟫
    string name;
    int load;
public:
    Crane(string name, int load) {
        this⟪.⟶->⟫name = name;
        this->load = load;
    }

    int getLoad() ⟪⟶const ⟫{ return load; }

    ⟪String⟶string⟫ getName() { return name⟪⟶;⟫ }

    bool canLift(int weight) {
        return weight <= ⟪Load⟶load⟫;
    }
}⟪⟶;⟫

int heaviest(const vector<Crane>& cranes) {
    int best = 0;
    for (int i = 0; i < cranes.size(); i++) {
        if (cranes[i].getLoad() > best)
            best = cranes[i].⟪load⟶getLoad()⟫;
    }
    return best;
}

int main() {
    vector<Crane> cranes;
    cranes.push_back(Crane("north", 12));
    cranes.⟪add⟶push_back⟫(Crane("south", 30));
    for (Crane c ⟪in⟶:⟫ cranes) {
        cout << c.getName() << " " << c.getLoad() ⟪<⟶<<⟫ endl;
    }
    if (cranes[0].canLift(10)⟪⟶)⟫ {
        cout << "north can";
    }
    ⟪Console.WriteLine(heaviest(cranes))⟶cout << heaviest(cranes)⟶cout << heaviest(cranes) << endl⟫;
}
