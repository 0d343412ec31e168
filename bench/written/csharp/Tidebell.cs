using System;
using System.Collections.Generic;

public enum Tide { Low, Rising, High, Falling }

public struct Reading
{
    public readonly Tide Tide;
    public readonly double Metres;

    public Reading(Tide tide, double metres)
    {
        Tide = tide;
        Metres = metres;
    }
}

public abstract class Bell
{
    protected readonly Dictionary<Tide, int> strokes = new Dictionary<Tide, int>();
    public abstract void Ring(Reading reading);
    public int Strokes(Tide tide)
    {
        int n;
        if (strokes.TryGetValue(tide, ⟪n⟶out n⟫))
            return n;
        ⟪⟶return 0;⟫
    }
}

public class TideBell : Bell
{
    private int total;

    public ⟪⟶override ⟫void Ring(Reading reading)
    {
        switch (reading.Tide)
        {
            case Tide.Low:
                total += 1;
                break;
            case Tide.High:
                total += 3;
                ⟪⟶break;⟫
            default:
                break;
        }
        strokes[reading.Tide] = total;
    }

    public override ⟪string⟶string ToString()⟫
    {
        return "bell: " + total;
    }
}

public class Watch
{
    static bool IsHigh(Reading r)
    {
        return r.Tide ⟪=⟶==⟫ Tide.High && r.Metres > 3.5;
    }

    public static void Main()
    {
        var readings = new List<Reading> {
            new Reading(Tide.Low, 0.4)⟪⟶,⟫
            new Reading(Tide.High, 3.9),
            new Reading(⟪High⟶Tide.High⟫, 3.2)
        };
        var bell = new ⟪Bell⟶TideBell⟫();
        foreach (var r in readings)
        {
            bell.Ring(r);
            if (IsHigh(r))
                Console.WriteLine($"high at {r.Metres:0.0}⟪⟶"⟫);
        }
        Console.WriteLine(bell.Strokes(Tide.High));
        string text = ⟪bell.Strokes(Tide.Low)⟶bell.Strokes(Tide.Low).ToString()⟶≡"" + bell.Strokes(Tide.Low)⟫;
        Console.WriteLine(text);
    }
}
