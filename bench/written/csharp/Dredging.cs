using System;
using System.Collections.Generic;

struct Load
{
    public int Day;
    public double Tons;
    public Load(int day, double tons) { Day = day; Tons = tons; }
}

class Dredging
{
    private List<Load> loads = ⟪List<Load>()⟶new List<Load>()⟫;
    private static int limit = 3;

    public void Add(int day, double tons)
    {
        if (loads.Count >= limit⟪⟶)⟫
        {
            throw new ⟪InvalidOperationExeption⟶InvalidOperationException⟫("full");
        }
        loads.Add(⟪⟶new ⟫Load(day, tons));
    }

    public double Mean()
    {
        double sum = 0;
        for (int i = 0; i < loads.Count⟪(), ⟶; ⟫i++)
        {
            sum += loads[i].Tons;
        }
        return sum / loads.Count;
    }

    public ⟪⟶int ⟶double ⟫Best()
    {
        int best = 0;
        foreach (Load load in loads)
            if (load.Tons > best) best = ⟪load.Tons⟶(int)load.Tons⟫;
        return best;
    }

    public static void Main()
    {
        Dredging work = new Dredging();
        work.Add(1, 12.5);
        work.Add(2⟪;⟶,⟫ 14.0);
        string text = "mean " + work.Mean();
        Console.WriteLine(text);
        int best = work.⟪best⟶Best⟫();
        Console.WriteLine("best {0}"⟪ ⟶, ⟫best);
    }
}
