using System;
using System.Collections.Generic;
using System.Linq;

abstract class Craft
{
    public string Name { get; }
    protected Craft(string name) { Name = name; }
    public abstract double Fee(int hours);
}

class Launch : Craft
{
    public Launch(string name) ⟪⟶: base(name) ⟫{ }
    public ⟪⟶override ⟫double Fee(int hours) { return hours * 12.5; }
}

class Freighter : Craft
{
    private int tons;
    public Freighter(string name, int tons) : base(name) { this.tons = tons; }
    public override ⟪int⟶double⟫ Fee(int hours) { return hours * 40 + tons / 100; }
}

class Pilotage
{
    static Dictionary<string, double> bills = new Dictionary<string, double>();

    ⟪void⟶static void⟫ Charge(Craft craft, int hours)
    {
        bills[craft.Name] = craft.Fee(hours);
    }

    static void Main()
    {
        var crafts = new List<Craft> { new Launch("Kelpie"), new Freighter("Ostrea", 4200) };
        foreach (var craft in crafts)
            Charge(craft, ⟪2.5⟶2⟶3⟫);
⟪        crafts[0].Name = "Selkie";
⟶⟫        ⟪int⟶double⟶var⟫ total = bills.Values.Sum();
        Console.WriteLine("total {0}", total);
        string best = bills.OrderBy(b => b.Value).Last()⟪⟶.Key⟫;
        Console.WriteLine(best);
    }
}
