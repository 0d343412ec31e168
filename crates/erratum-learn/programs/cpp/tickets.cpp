#include <iostream>
#include <string>
#include <vector>

struct Ticket {
    std::string name;
    int seats;
    double price;
};

double total_price(const std::vector<Ticket>& tickets) {
    double sum = 0.0;
    for (size_t i = 0; i < tickets.size(); i++) {
        sum += tickets[i].seats * tickets[i].price;
    }
    return sum;
}

int seats_of(const std::vector<Ticket>& tickets, const std::string& name) {
    int seats = 0;
    for (const Ticket& ticket : tickets) {
        if (ticket.name == name) {
            seats += ticket.seats;
        }
    }
    return seats;
}

int main() {
    std::vector<Ticket> tickets = {{"Marlow", 2, 3.5}, {"Okoye", 4, 3.5}, {"Lind", 1, 5.0}};
    tickets.push_back({"Marlow", 1, 5.0});
    std::cout << "sold for " << total_price(tickets) << std::endl;
    int seats = seats_of(tickets, "Marlow");
    if (seats > 2) {
        std::cout << "Marlow has a group of " << seats << std::endl;
    } else {
        std::cout << "Marlow has " << seats << " seats" << std::endl;
    }
    return 0;
}
