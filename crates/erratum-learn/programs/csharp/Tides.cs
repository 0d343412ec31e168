using System;

class Tides
{
    const double Needed = 2.0;

    static bool DeepEnough(double level)
    {
        return level >= Needed;
    }

    static int OpenHours(double[] levels)
    {
        int open = 0;
        foreach (double level in levels)
        {
            if (DeepEnough(level))
            {
                open++;
            }
        }
        return open;
    }

    static double Highest(double[] levels)
    {
        double best = levels[0];
        int hour = 1;
        while (hour < levels.Length)
        {
            if (levels[hour] > best)
            {
                best = levels[hour];
            }
            hour++;
        }
        return best;
    }

    static void Main()
    {
        double[] levels = { 0.8, 1.1, 1.9, 2.4, 3.0, 3.3, 2.6, 1.4 };
        Console.WriteLine("Open hours: " + OpenHours(levels));
        Console.WriteLine("Highest tide: " + Highest(levels));
        string word = OpenHours(levels) > 3 ? "good" : "poor";
        Console.WriteLine("A " + word + " day for sailing");
    }
}
