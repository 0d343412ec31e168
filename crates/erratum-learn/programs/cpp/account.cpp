#include <iostream>
#include <string>

class Account {
private:
    std::string owner;
    double balance;

public:
    Account(std::string name, double start) {
        owner = name;
        balance = start;
    }

    void pay(double amount) {
        if (amount > balance) {
            std::cout << owner << " cannot pay " << amount << std::endl;
            return;
        }
        balance -= amount;
    }

    void fill(double amount) {
        balance += amount;
    }

    double left() {
        return balance;
    }
};

int main() {
    Account card("Marlow", 10.0);
    int trips = 0;
    while (card.left() >= 3.5) {
        card.pay(3.5);
        trips = trips + 1;
    }
    card.pay(3.5);
    card.fill(20.0);
    std::cout << trips << " trips, " << card.left() << " left" << std::endl;
    return 0;
}
