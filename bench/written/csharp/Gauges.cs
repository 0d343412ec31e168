using System;
using System.Collections.Generic;

class Gauges
{
    static Dictionary<string, double> Parse(string[] lines)
    {
        var all = new Dictionary<string, double>();
        foreach (string line in lines)
        {
            string[] parts = line.Split('=');
            all[parts[0]] = ⟪double.parse⟶double.Parse⟫(parts[1]);
        }
        return all;
    }

    static string Highest(Dictionary<string, double> all)
    {
        string best = null;
        foreach (var pair in all)
        {
            if (best == null || pair.Value > all[best⟪⟶]⟫)
            {
                best = pair.⟪key⟶Key⟫;
            }
        }
        return best⟪⟶;⟫
    }

    static void Main()
    {
        string[] lines = ⟪["mole=3.5", "pier=4.25"]⟶{ "mole=3.5", "pier=4.25" }⟫;
        var all = Parse(lines);
        Console.WriteLine(Highest(all));
        if (all.Count > 1 && all.ContainsKey("mole"))
        {
            Console.WriteLine("two"⟪⟶)⟫;
        }
    }
}
