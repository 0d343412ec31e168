using System;
using System.Collections.Generic;
using System.Linq;

public interface IFee
{
    decimal Fee(int days);
}

public enum Kind { Tug, Ferry, Yacht }

public class Boat : IFee
{
    private readonly string name;
    protected double length;

    public Boat(string name, double length)
    {
        this.name = name;
        this.length = length;
    }

    public string Name { get { return name; } }
    public Kind Kind { get; set; }

    public virtual decimal Fee(int days)
    {
        if (days > 3)
        {
            return days * 7.5m;
        }
        return days * 9.0m;
    }
}

public class Ferry : Boat
{
    private readonly int seats;

    public Ferry(string name, double length, int seats) : base(name, length)
    {
        this.seats = seats;
    }

    public override decimal Fee(int days)
    {
        return base.Fee(days) + seats;
    }

    public bool Fits(int people)
    {
        return people <= seats;
    }
}

public class Pier
{
    private const int Limit = 8;
    private readonly List<Boat> boats = new List<Boat>();
    private readonly Dictionary<string, int> visits = new Dictionary<string, int>();

    public void Add(Boat boat)
    {
        if (boats.Count >= Limit)
        {
            throw new InvalidOperationException("full");
        }
        boats.Add(boat);
        visits[boat.Name] = 0;
    }

    public Boat Find(string name)
    {
        foreach (Boat boat in boats)
        {
            if (boat.Name == name)
            {
                return boat;
            }
        }
        return null;
    }

    public static string Text(Kind kind)
    {
        switch (kind)
        {
            case Kind.Tug:
                return "tug";
            default:
                return "other";
        }
    }

    public decimal Total(int days)
    {
        decimal sum = 0;
        for (int i = 0; i < boats.Count; i++)
        {
            sum += boats[i].Fee(days);
        }
        return sum;
    }

    public static void Main(string[] args)
    {
        Pier pier = new Pier();
        pier.Add(new Boat("Auk", 9.5));
        pier.Add(new Ferry("Skua", 24.0, 80));
        Boat found = pier.Find("Auk");
        char mark = 'A';
        int longest = pier.boats.Max(boat => boat.Name.Length);
        Console.WriteLine("{0} {1} {2}", found.Name, mark, longest);
        Console.WriteLine($"total {pier.Total(2)}");
        string[] names = pier.boats.Select(boat => boat.Name).ToArray();
        Console.WriteLine(string.Join(", ", names));
    }
}
