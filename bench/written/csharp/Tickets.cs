using System;
using System.Collections.Generic;

class Ticket
{
    public int Number;
    public string Zone;
    public decimal Price;

    public Ticket(int number, string zone, decimal price)
    {
        this.Number = number;
        this.Zone = zone;
        ⟪this->Price⟶this.Price⟫ = price;
    }
}

class TicketOffice
{
    private Dictionary<int, Ticket> sold = new Dictionary<int, ⟪ticket⟶Ticket⟫>();
    private int next = 1;

    public Ticket Sell(string zone)
    {
        decimal price;
        switch (zone)
        {
            case "harbour"⟪⟶:⟫
                price = 1.50m;
                break;
            case "island":
                price = 4.20m;
                break;
            default:
                throw new ArgumentException("zone " + zone);
        }
        ⟪ticket⟶Ticket⟫ t = new Ticket(next, zone, price);
        sold[next] = t;
        next++;
        return t;
    }

    public bool Refund(int number)
    {
        if (⟪not ⟶!⟫sold.ContainsKey(number))
            return false;
        sold.Remove(number);
        return ⟪True⟶true⟫;
    }

    public decimal Takings()
    {
        decimal sum = 0;
        foreach (Ticket t ⟪of⟶in⟫ sold.Values)
        {
            sum += t.Price;
        }
        return sum;
    }
}

class Program
{
    static void Main()
    {
        TicketOffice office = new TicketOffice();
        Ticket first = office.Sell("island");
        office.Sell("harbour");
        Console.WriteLine("first {0}: {1}", first.Number, first.Price);
        office.Refund(2);
        Console.WriteLine("takings {0}", office.Takings());
    }
}
