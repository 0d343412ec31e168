#include <iostream>
#include <memory>
#include <stdexcept>
#include <string>
#include <vector>

class Engine
{
public:
    virtual ~Engine() = default;
    virtual std::string name() const = 0;
    virtual double use(double hours) = 0;
};

class Diesel : public Engine
{
public:
    explicit Diesel(double tank) : tank(tank) {}

    std::string name() const override
    {
        return "diesel";
    }

    double use(double hours) override
    {
        double litres = hours * 18.0;
        if (litres > tank)
        {
            throw std::runtime_error("the tank is empty");
        }
        tank -= litres;
        return litres * 1.7;
    }

private:
    double tank;
};

class Electric : public Engine
{
public:
    std::string name() const override
    {
        return "electric";
    }

    double use(double hours) override
    {
        charge -= static_cast<int>(hours * 9);
        return hours * 11.0;
    }

    int left() const
    {
        return charge;
    }

private:
    int charge = 100;
};

int main()
{
    std::vector<std::unique_ptr<Engine>> engines;
    engines.push_back(std::make_unique<Diesel>(60.0));
    engines.push_back(std::make_unique<Electric>());

    double cost = 0.0;
    for (auto& engine : engines)
    {
        try
        {
            for (int trip = 1; trip <= 4; trip++)
            {
                cost += engine->use(1.0);
            }
            std::cout << engine->name() << " ran all trips\n";
        }
        catch (const std::runtime_error& error)
        {
            std::cerr << engine->name() << " stopped: " << error.what() << std::endl;
        }
    }
    std::cout << "cost: " << cost << "\n";
    return 0;
}
