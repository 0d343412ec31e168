using System;

static class Fares
{
    const double Base = 3.5;
    const double PerZone = 1.25;

    static double Fare(int zones, bool child)
    {
        double full = Base + PerZone * zones;
        return child ? full / 2 : full;
    }

    static double Group(int[] sizes, int zones)
    {
        double total = 0;
        foreach (int size in sizes)
        {
            total += size * Fare(zones, false);
        }
        if (total > 100)
        {
            total = total * 0.9;
        }
        return Math.Round(total, 2);
    }

    static string Label(double amount)
    {
        return amount.ToString("0.00");
    }

    static void Main()
    {
        for (int zones = 1; zones <= 4; zones++)
        {
            string line = zones + " zones: " + Label(Fare(zones, false));
            Console.WriteLine(line + ", children " + Label(Fare(zones, true)));
        }
        int[] sizes = { 4, 7, 12 };
        Console.WriteLine("groups: " + Label(Group(sizes, 2)));
    }
}
