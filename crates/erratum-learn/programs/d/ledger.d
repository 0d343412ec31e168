import std.stdio;

class Ledger
{
    private double balance = 0.0;

    void pay(double amount)
    {
        balance += amount;
    }

    bool spend(double amount)
    {
        if (amount > balance)
        {
            return false;
        }
        balance -= amount;
        return true;
    }

    double left()
    {
        return balance;
    }
}

void main()
{
    Ledger ledger = new Ledger();
    ledger.pay(120.0);
    bool done = ledger.spend(45.5);
    writefln("%s, %.2f left", done, ledger.left());
}
