using System;
using System.Collections.Generic;
using System.Linq;

class Watch
{
    public string Keeper;
    public int Start, End;

    public Watch(string keeper, int start, int end)
    {
        Keeper = keeper;
        Start = start;
        End = end;
    }

    public int Hours
    {
        get
        {
            if (End >= Start)
                return End - Start;
            ⟪⟶return 24 - Start + End;⟫
        }
    }
}

class Watchroom
{
    ⟪List<Watch> watches = new List<watch>();⟶List<Watch> watches = new List<Watch>();⟫

    public void Add(Watch watch) => watches.Add(watch)⟪⟶;⟫

    public IEnumerable<string> Keepers()
    {
        return watches.Select(w => w.Keeper).⟪distinct⟶Distinct⟫();
    }

    public double Mean()
    {
        return watches.⟪Average(w.Hours)⟶Average(w => w.Hours)⟫;
    }

    public Watch Longest()
    {
        Watch best = null;
        foreach (var w in watches)
            if (best == null ⟪or⟶||⟫ w.Hours > best.Hours)
                best = w;
        ⟪Return⟶return⟫ best;
    }

    public string Report()
    {
        string text = "";
        int i = 0;
        while (i < watches.Count)
        {
            text += watches⟪{i}⟶[i]⟫.Keeper + "\n";
            i++⟪⟶;⟫
        }
        return text;
    }
}

class Program
{
    ⟪static⟶static void⟫ Main()
    {
        var room = new Watchroom();
        room.Add(new Watch("Ida", 6, 14));
        room.Add(new Watch("Noor", 14, ⟪22.5⟶22⟶23⟫));
        room.Add(new Watch("Ida", 22, 6)⟪⟶)⟫;
        Console.WriteLine(room.Report());
        Console.WriteLine(⟪string.join⟶string.Join⟫(", ", room.Keepers()));
        int mean = ⟪room.Mean()⟶(int)room.Mean()⟶(int) room.Mean()⟫;
        Console.WriteLine($"mean {mean}, longest {room.Longest().Keeper⟪⟶}⟫");
    }
}
