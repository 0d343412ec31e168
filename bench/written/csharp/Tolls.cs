using System;
using System.Collections.Generic;
using System.Linq;

interface IToll
{
    decimal Amount(int metres);
}

class FlatToll : IToll
{
    private readonly decimal rate;

    public FlatToll(decimal rate)
    {
        this.rate = rate;
    }

    ⟪⟶public ⟫decimal Amount(int metres)
    {
        return rate;
    }
}

class LengthToll : IToll
{
    public decimal PerMetre { get⟪⟶;⟫ set; }

    public decimal Amount(int metres)
    {
        return metres * PerMetre⟪⟶;⟫
    }
}

class Gate
{
    private List<string> passed = new List<string>();
    public int Count => passed.Count⟪()⟶⟫;

    public decimal Pass(string ship, int metres, IToll toll)
    {
        passed.Add(ship);
        decimal amount = toll.Amount(metres);
        if (metres > 20 ⟪and⟶&&⟫ amount < 5)
        {
            amount = ⟪7.5⟶7.5m⟶≡7.5M⟫;
        }
        return amount;
    }

    public ⟪string⟶bool⟫ Knows(string ship)
    {
        return passed.Contains(ship);
    }
}

class Program
{
    static void Main()
    {
        var gate = new Gate();
        var tolls = new Dictionary<string, IToll>
        {
            { "flat", new FlatToll(3) },
            { "length", new LengthToll { PerMetre = 0.3m } }
        };
        decimal sum = 0;
        foreach (var pair in tolls)
        {
            sum += gate.Pass("Kite", 25, pair.⟪value⟶Value⟫);
        }
        gate.Pass("Lark", ⟪tolls["flat"], 12⟶12, tolls["flat"]⟫);
        Console.WriteLine("Sum {0}, {1} ships", sum, gate.Count);
        if (!gate.Knows("Wren"))
            Console.⟪Writeline⟶WriteLine⟫("no Wren");
    }
}
