#include <iostream>
#include <string>
#include <cstdlib>

using std::cout;
using std::endl;
using std::string;

struct Node {
    string name;
    int deck;
    Node* next;
};

class PassengerList {
public:
    PassengerList();
    ~PassengerList();
    void push(string name, int deck);
    bool remove(string name);
    int countDeck(int deck) const;
    void print() const;

private:
    Node* head;
    int size;
};

PassengerList::PassengerList() : head(NULL), size(0) {
}

PassengerList::~PassengerList() {
    while (head != NULL) {
        Node* gone = head;
        head = head->next;
        delete gone;
    }
}

void PassengerList::push(string name, int deck) {
    Node* node = new Node;
    node->name = name;
    node->deck = deck;
    node->next = head;
    head = node;
    size++;
}

bool PassengerList::remove(string name) {
    Node** link = &head;
    while (*link != NULL) {
        Node* node = *link;
        if (node->name == name) {
            *link = node->next;
            delete node;
            size--;
            return true;
        }
        link = &node->next;
    }
    return false;
}

int PassengerList::countDeck(int deck) const {
    int count = 0;
    for (Node* node = head; node != NULL; node = node->next) {
        if (node->deck == deck) {
            count++;
        }
    }
    return count;
}

void PassengerList::print() const {
    cout << size << " on board:";
    for (Node* node = head; node != NULL; node = node->next) {
        cout << " " << node->name;
    }
    cout << endl;
}

int main(int argc, char* argv[]) {
    PassengerList list;
    int deck = argc > 1 ? atoi(argv[1]) : 2;
    list.push("Ines", 1);
    list.push("Bram", 2);
    list.push("Olga", 2);
    list.print();
    if (!list.remove("Ines")) {
        cout << "Ines is not on board" << endl;
    }
    list.print();
    cout << "deck " << deck << ": " << list.countDeck(deck) << endl;
    return 0;
}
