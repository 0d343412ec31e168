using System;
using System.Collections.Generic;
using System.Linq;

enum Rank
{
    Deckhand,
    Mate,
    Captain
}

class Sailor
{
    public string Name;
    public Rank Rank;
    public int Hours;

    public Sailor(string name, Rank rank, int hours)
    {
        Name = name;
        Rank = rank;
        Hours = hours;
    }
}

static class Crew
{
    static string Title(Rank rank)
    {
        switch (rank)
        {
            case Rank.Captain:
                return "captain";
            case Rank.Mate:
                return "mate";
            default:
                return "deckhand";
        }
    }

    static void Main()
    {
        var crew = new List<Sailor>
        {
            new Sailor("Okke", Rank.Captain, 38),
            new Sailor("Tjark", Rank.Mate, 41),
            new Sailor("Wiebke", Rank.Deckhand, 29)
        };
        foreach (var one in crew)
        {
            Console.WriteLine(one.Name.PadRight(10) + Title(one.Rank));
        }
        int total = crew.Sum(one => one.Hours);
        Console.WriteLine("on average {0} hours", total / crew.Count);
    }
}
