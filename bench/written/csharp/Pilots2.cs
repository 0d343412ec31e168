using System;
using System.Collections.Generic;
⟪⟶using System.Linq;⟫

enum Rank { Mate, Master }

abstract class Person
{
    public string Name { get; ⟪set⟶set;⟫ }
    protected Person(string name) { Name = name; }
    public abstract string Title();
}

class Pilot : Person
{
    public Rank Rank { get; private set; }
    private List<double> draughts = new List<double>();

    public Pilot(string name, Rank rank) ⟪⟶: base(name)⟫
    {
        Rank = rank;
    }

    public ⟪⟶override ⟫string Title()
    {
        return Rank == Rank.Master ? "Master " + Name : Name;
    }

    public void Guide(double draught)
    {
        draughts.⟪push⟶Add⟫(draught);
    }

    public double Average()
    {
        if (draughts.Count == 0) return 0⟪⟶;⟫
        return draughts.Sum() / draughts.⟪Length⟶Count⟶Count()⟫;
    }
}

static class Program
{
    static Pilot Busiest(List<Pilot> pilots)
    {
        return pilots.OrderByDescending(p ⟪->⟶=>⟫ p.Average()).First();
    }

    static void Main()
    {
        var pilots = new List<Pilot> { new Pilot("Ansel", Rank.Master), new Pilot("Bex"⟪⟶, Rank.Mate⟶, Rank.Master⟫) };
        pilots[0].Guide(⟪'7.5'⟶7.5⟫);
        pilots[1].Guide(4.25);
        foreach (Pilot p ⟪of⟶in⟫ pilots)
        {
            Console.WriteLine(p.⟪Title⟶Title()⟫ + ": " + p.Average());
        }
        ⟪console⟶Console⟫.WriteLine(Busiest(pilots).Name);
    }
}
