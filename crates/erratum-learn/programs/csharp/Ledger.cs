using System;
using System.Collections.Generic;

abstract class Item
{
    public abstract double Value();
}

class Fee : Item
{
    private readonly double amount;

    public Fee(double amount)
    {
        this.amount = amount;
    }

    public override double Value()
    {
        return amount;
    }
}

class Fuel : Item
{
    private readonly double litres;
    private readonly double price;

    public Fuel(double litres, double price)
    {
        this.litres = litres;
        this.price = price;
    }

    public override double Value()
    {
        return litres * price;
    }
}

class Ledger
{
    static double Total(List<Item> items)
    {
        double sum = 0;
        foreach (Item item in items)
        {
            sum += item.Value();
        }
        return sum;
    }

    static void Main()
    {
        List<Item> items = new List<Item>();
        items.Add(new Fee(45));
        items.Add(new Fuel(120, 1.8));
        Console.WriteLine("items: " + items.Count);
        Console.WriteLine("total: " + Total(items));
    }
}
