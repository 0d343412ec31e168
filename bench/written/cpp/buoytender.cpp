#include <iostream>
#include <map>
#include <memory>
#include <string>
#include <vector>

class Buoy {
public:
    Buoy(std::string name, int depth) : name_(name), depth_(depth) ⟪;⟶{}⟫
    virtual ~Buoy() = default;
    virtual std::string kind() const = 0;
    const std::string& name() const { return name_; }
    int depth() const { return depth_; }
private:
    std::string name_;
    int depth_;
};

class Lit ⟪extends⟶: public⟫ Buoy {
public:
    using Buoy::Buoy;
    std::string kind() const override { return "lit"; }
};

class Spar : public Buoy {
public:
    using Buoy::Buoy;
    std::string kind() ⟪override const⟶const override⟫ { return "spar"; }
};

class Tender {
    std::vector<std::unique_ptr<Buoy>> load_;
public:
    void take(std::unique_ptr<Buoy> b) {
        load_.push_back(⟪b⟶std::move(b)⟫);
    }
    int deepest() const {
        int best = 0;
        for (const auto& b : load_)
            if (b⟪.depth()⟶->depth()⟫ > best) best = b->depth();
        return best;
    }
    std::map<std::string, int> counts() const {
        std::map<std::string⟪ int⟶, int⟫> out;
        for (const auto& b : load_)
            out[b->kind()]++;
        return out;
    }
}⟪⟶;⟫

int main() {
    Tender tender;
    tender.take(std::make_unique<Lit>("Skerry", 12));
    tender.take(⟪new Spar("Holm", 8)⟶std::make_unique<Spar>("Holm", 8)⟶std::unique_ptr<Buoy>(new Spar("Holm", 8))⟶std::unique_ptr<Spar>(new Spar("Holm", 8))⟫);
    for (const auto& [kind, n] : tender.counts()⟪⟶)⟫
        std::cout << kind << ": " << n << "\n";
    ⟪cout⟶std::cout⟫ << ⟪tender.deepest⟶tender.deepest()⟫ << std::endl;
}
