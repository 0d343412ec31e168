using System;

abstract class Pump
{
    public string Name { get; }
    protected Pump(string name) { Name = name; }
    public abstract double Run(int minutes);
}

class Electric : Pump
{
    private readonly double rate;
    public Electric(string name, double rate) ⟪super⟶: base⟫(name) { this.rate = rate; }
    public ⟪⟶override ⟫double Run(int minutes) { return rate * minutes; }
}

class Hand ⟪extends⟶:⟫ Pump
{
    public Hand(string name) : base(name) { }
    public override double Run(int minutes) => 0.5 * ⟪Minutes⟶minutes⟫;
}

class Program
{
    static double Total(Pump[] pumps, int minutes)
    {
        double sum = 0.0;
        foreach (var p in pumps)
        {
            sum += p.Run(minutes);
        }
        ⟪⟶return sum;⟫
    }

    static void Main()
    {
        Pump[] pumps = { new Electric("east", 3.5), new Hand("west")⟪⟶ }⟫;
        Console.WriteLine(Total(pumps, ⟪10.0⟶10⟫));
        ⟪boolean⟶bool⟫ strong = Total(pumps, 5) > 10;
        if (strong) Console.⟪Writeline⟶WriteLine⟫("strong");
        int first = ⟪pumps[0].Run(1)⟶(int)pumps[0].Run(1)⟫;
        Console.WriteLine(first);
    }
}
