#include <algorithm>
#include <iostream>
#include <map>
#include <string>
#include <vector>

using namespace std;

class Booking {
public:
    Booking(const string& name, int seats) : name(name), seats(seats) {}

    const string& getName() const { return name; }
    int getSeats() const { return seats; }

    void addSeats(int more) {
        if (more > 0) {
            seats += more;
        }
    }

private:
    string name;
    int seats;
};

class BookingList {
public:
    void add(const Booking& booking) {
        bookings.push_back(booking);
    }

    int totalSeats() const {
        int total = 0;
        for (const Booking& b : bookings) {
            total += b.getSeats();
        }
        return total;
    }

    Booking* find(const string& name) {
        for (size_t i = 0; i < bookings.size(); i++) {
            if (bookings[i].getName() == name) {
                return &bookings[i];
            }
        }
        return nullptr;
    }

    void sortByName() {
        sort(bookings.begin(), bookings.end(), [](const Booking& a, const Booking& b) {
            return a.getName() < b.getName();
        });
    }

    void print() const {
        for (const auto& b : bookings) {
            cout << b.getName() << ": " << b.getSeats() << endl;
        }
    }

private:
    vector<Booking> bookings;
};

int main() {
    BookingList list;
    list.add(Booking("Varga", 2));
    list.add(Booking("Arkwell", 5));
    list.add(Booking("Sorel", 1));

    Booking* found = list.find("Sorel");
    if (found != nullptr) {
        found->addSeats(2);
    } else {
        cout << "no such booking" << endl;
    }
    list.sortByName();
    list.print();
    cout << "seats in all: " << list.totalSeats() << endl;

    map<string, int> byLetter;
    byLetter["V"] = 1;
    byLetter["A"] = 2;
    for (auto it = byLetter.begin(); it != byLetter.end(); ++it) {
        cout << it->first << " " << it->second << '\n';
    }
    return 0;
}
