using System;

enum Zone { Inner, Outer }

static class Fares
{
    const decimal Child = 0.5⟪⟶m⟫;

    static decimal Base(Zone zone)
    {
        switch (zone)
        {
            case Zone.Inner:
                return 2.5m;
            case ⟪Outer⟶Zone.Outer⟫:
                return 4.0m;
            default:
                return 0m;
        }
    }

    static decimal Price(Zone zone, int people)
    {
        return Base(zone) * people;
    }

    static ⟪string⟶decimal⟫ Family(int adults, int children)
    {
        return Price(Zone.Inner, adults) + Price(Zone.Inner, children) * Child;
    }

    static void Main(string[] args)
    {
        decimal sum = Family(2, 1);
        Console.⟪Writeline⟶WriteLine⟫("family {0:F2}", sum);
        ⟪for⟶foreach⟫ (Zone zone in Enum.GetValues(typeof(Zone)))
        {
            Console.WriteLine(zone + " " + Price(zone, 1)⟪⟶)⟫;
        }
    }
}
