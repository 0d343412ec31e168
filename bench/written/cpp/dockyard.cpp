#include <iostream>
#include <vector>
#include <string>
⟪⟶#include <map>
⟫
class Job {
public:
    Job(std::string ship, int days)⟪⟶ :⟫ ship(ship), days(days) {}
    int cost() const { return days * 400; }
    std::string name() const { return ship; }
private:
    std::string ship;
    int days;
}⟪⟶;⟫

class Yard {
public:
    void add(const Job& job) {
        jobs.⟪push⟶push_back⟫(job);
        perShip[job.name()] += job.⟪cost⟶cost()⟫;
    }
    int total() const {
        int sum = 0;
        for (const Job& j ⟪in⟶:⟫ jobs) {
            sum += j.cost();
        }
        return sum⟪⟶;⟫
    }
    void print() const {
        for (const auto& entry : perShip)
            std::cout << entry.first << " " ⟪<⟶<<⟫ entry.second << std::endl;
    }
private:
    std::vector<Job> jobs;
    std::map<std::string, int> perShip;
};

int main() {
    Yard yard;
    yard.add(Job("Tern", 3));
    yard.add(Job(⟪'Skua'⟶"Skua"⟫, 5));
    ⟪yard->print()⟶yard.print()⟫;
    ⟪string⟶std::string⟫ end = "done";
    std::cout << yard.total() << ⟪endl⟶std::endl⟫;
    return 0;
}
