using System;
using System.Collections.Generic;

class Sailing
{
    private readonly Dictionary<string, int> bookings = new Dictionary<string, int>();
    private readonly int capacity;

    public Sailing(int capacity)
    {
        this.capacity = capacity;
    }

    public int Taken()
    {
        int total = 0;
        foreach (KeyValuePair<string, int> booking in bookings)
        {
            total += booking.Value;
        }
        return total;
    }

    public void Add(string name, int seats)
    {
        if (Taken() + seats > capacity)
        {
            throw new InvalidOperationException("no room for " + name);
        }
        bookings[name] = seats;
    }

    public bool Cancel(string name)
    {
        return bookings.Remove(name);
    }
}

class Program
{
    static void Main()
    {
        var morning = new Sailing(12);
        try
        {
            morning.Add("Ansel", 4);
            morning.Add("Birte", 9);
        }
        catch (InvalidOperationException problem)
        {
            Console.WriteLine("refused: " + problem.Message);
        }
        morning.Cancel("Ansel");
        Console.WriteLine(morning.Taken());
    }
}
