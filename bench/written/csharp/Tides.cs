using System;

struct Tide
{
    public int Hour;
    public double Height;
}

class Tides
{
    static Tide Highest(Tide[] tides)
    {
        Tide best = tides[0];
        for (int i = 1; i < tides.⟪length⟶Length⟫; i++)
        {
            if (tides[i].Height > best.Height)
                best = tides[i];
        }
        return best;
    }

    static string Label(Tide tide)
    {
        if (tide.Height > 4)
            return "spring";
        else if (tide.Height > 2)
            return "normal";
⟪⟶        return "neap";
⟫    }

    static void Main()
    {
        Tide[] tides = new Tide[2];
        tides[0] = new Tide { Hour = 6, Height = 3.4 };
        tides[1] = new Tide { Hour = 12⟪ ⟶, ⟫Height = 4.6 };
        Tide best = Highest(tides);
        string text = best.Hour + "h " ⟪. ⟶+ ⟫Label(best);
        int height = ⟪best.Height⟶(int)best.Height⟶≡(int) best.Height⟫;
        Console.WriteLine(text + " " + height);
    }
}
