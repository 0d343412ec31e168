using System;
using System.Collections.Generic;
using System.Linq;

class Sounding
{
    public double Depth;
    public int Buoy;
}

static class Soundings
{
    static List<Sounding> Load()
    {
        return new List<Sounding>
        {
            new Sounding { Depth = 4.5, Buoy = 3 }⟪⟶,⟫
            new Sounding { Depth = 12, Buoy = 7 },
        };
    }

    static double Mean(List<Sounding> all)
    {
        if (all.Count == 0)
            return 0⟪⟶;⟫
        return all.Average(s => s.⟪Deph⟶Depth⟫);
    }

    static ⟪void⟶string⟫ Describe(Sounding s)
    {
        return "buoy " + s.Buoy + ": " + s.Depth + " m";
    }

    static void Main()
    {
        List<Sounding> all = Load();
        for (int i = 0; i < all.⟪Length⟶Count⟫; i++)
        {
            Console.WriteLine(Describe(all[i]));
        }
        double mean = Mean(all);
        if (mean > 5 ⟪and⟶&&⟫ mean < 20)
        {
            Console.WriteLine("fair");
        }
        ⟪else if⟶else⟫
        {
            Console.WriteLine("odd");
        }
        string text = ⟪mean⟶mean.ToString()⟫;
        Console.WriteLine(text);
    }
}
