using System;
using System.Collections.Generic;

public class Sailing
{
    public string From { get; set; }
    public string To { get; set; }
    public DateTime Leaves { get; set; }
    private int seats;

    public Sailing(string from, string to, int seats)
    {
        From = from;
        To = to;
        this.seats = seats;
    }

    public bool Book(int n)
    {
        if (n > seats⟪⟶)⟫
            return false;
        seats -= n;
        ⟪return True⟶return true⟫;
    }

    public ⟪get int Seats⟶int Seats⟫ { get { return seats; } }
}

public class Ferrybook
{
    private readonly List<Sailing> sailings = new List<⟪⟶Sailing⟫>();

    public Sailing Find(string to)
    {
        foreach (Sailing s in sailings)
        {
            if (s.To ⟪is equal⟶==⟫ to) return s;
        }
        return null;
    }

    public void Add(Sailing s) ⟪=⟶=>⟫ sailings.Add(s);

    public static int Total(List<Sailing> all)
    {
        int sum = 0;
        for (int i = 0; i < all.Count⟪⟶;⟫ i++)
            sum += all⟪.Get(i)⟶[i]⟫.Seats;
        return sum;
    }

    public static void Main()
    {
        var book = new Ferrybook();
        book.Add(new Sailing("Quay", "Mole", ⟪"40"⟶40⟫));
        Sailing s = book.Find("Mole");
        if (s != ⟪Null⟶null⟫ && s.Book(3))
            Console.WriteLine($"left: {s.Seats⟪⟶}⟫");
        Console.WriteLine(Total(book.⟪Sailings⟶sailings⟫));
    }
}
