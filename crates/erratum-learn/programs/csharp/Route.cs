using System;
using System.Collections.Generic;
using System.Text;

class Leg
{
    public readonly string To;
    public readonly double Miles;

    public Leg(string to, double miles)
    {
        To = to;
        Miles = miles;
    }
}

class Route
{
    private readonly string start;
    private readonly List<Leg> legs = new List<Leg>();

    public Route(string start)
    {
        this.start = start;
    }

    public Route Add(string pier, double miles)
    {
        legs.Add(new Leg(pier, miles));
        return this;
    }

    public double Length
    {
        get
        {
            double sum = 0;
            for (int i = 0; i < legs.Count; i++)
            {
                sum += legs[i].Miles;
            }
            return sum;
        }
    }

    public override string ToString()
    {
        StringBuilder text = new StringBuilder(start);
        foreach (Leg leg in legs)
        {
            text.Append(" - ").Append(leg.To);
        }
        return text.ToString();
    }

    static void Main()
    {
        Route north = new Route("North").Add("Mole", 1.5).Add("Island", 3.2);
        int minutes = (int)(north.Length / 9 * 60);
        Console.WriteLine(north + ": " + minutes + " min");
    }
}
