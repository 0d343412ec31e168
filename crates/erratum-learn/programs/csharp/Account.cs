// Accounts of the harbour office.
using System;
using System.Collections.Generic;

class Entry
{
    public int Day;
    public string Text;
    public double Amount;
}

class Account
{
    private readonly List<Entry> entries = new List<Entry>();
    private readonly string owner;
    private readonly double limit;

    public Account(string owner, double limit)
    {
        this.owner = owner;
        this.limit = limit;
    }

    public bool Book(int day, string text, double amount)
    {
        if (Balance() + amount < -limit)
        {
            return false;
        }
        entries.Add(new Entry { Day = day, Text = text, Amount = amount });
        return true;
    }

    public double Balance()
    {
        double sum = 0;
        foreach (Entry entry in entries)
        {
            sum += entry.Amount;
        }
        return sum;
    }

    static void Main()
    {
        Account office = new Account("Harbour office", 100);
        office.Book(1, "berth fees", 320.5);
        if (!office.Book(2, "rope and paint", -500))
        {
            Console.WriteLine("The limit is reached");
        }
        Console.WriteLine(office.owner + ": " + office.Balance());
    }
}
