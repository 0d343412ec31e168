using System;
using System.Collections.Generic;
⟪⟶using System.Linq;
⟫
public class Sighting
{
    public string Ship;
    public int Hour;
    public double Miles;

    public Sighting(string ship, int hour, double miles)
    {
        Ship = ship;
        Hour = hour;
        Miles = miles;
    }

    public override string ⟪tostring⟶ToString⟫()
    {
        return Ship + "@" + Hour;
    }
}

public class Lookout
{
    private readonly List<Sighting> seen = new List<Sighting>();

    public void Spot(string ship, int hour, double miles)
    {
        seen.Add(⟪⟶new ⟫Sighting(ship, hour, miles));
    }

    public List<Sighting> Near(double limit)
    {
        return seen.Where(s ⟪->⟶=>⟫ s.Miles <= limit).ToList();
    }

    public static void Main()
    {
        Lookout lookout = new Lookout();
        lookout.Spot("tern", 8, 2.5);
        lookout.Spot("gull", 9⟪ ⟶, ⟫4.0);
        foreach (var s in lookout.Near(3))
            Console.WriteLine(s);
        int? hour = null;
        ⟪int h = hour⟶int h = hour ?? 0⟶int h = hour.Value⟶int h = (int)hour⟶int? h = hour⟶var h = hour⟫;
        Console.WriteLine(h);
    }
}
