#include <iostream>
#include <queue>
#include <string>

struct Job {
    int weight;
    std::string what;
    bool operator<(const Job& other) const { return weight < other⟪->⟶.⟫weight; }
};

template <typename T>
T larger(T a, T b) {
    return a < b ? b ⟪;⟶:⟫ a;
}

int load(std::priority_queue<Job> jobs) {
    int sum = 0;
    while (!jobs.empty()) {
        Job j = jobs.⟪top⟶top()⟫;
        sum += j.weight;
        jobs.pop();
    }
    return sum;
}

int main() {
    std::priority_queue<Job> jobs;
    jobs.push({4, "crates"});
    jobs.push({9, ⟪'barrels'⟶"barrels"⟫});
    std::cout << load(jobs) << std::endl;
    std::cout << larger(3, 7) << std::endl;
    int limit = 12;
    if (load(jobs) > limit ⟪andalso⟶&&⟶≡and⟫ limit > 0) {
        std::cout << "too much" << std::endl;
    }
    return 0;
}
