using System;
using System.Collections.Generic;
⟪⟶using System.Linq;⟫

abstract class Mooring
{
    public string Name { get; private set; }
    protected Mooring(string name) { Name = name; }
    public abstract decimal Fee(int nights);
}

class Buoy : Mooring
{
    public Buoy(string name)⟪⟶ : base(name)⟫ { }
    public ⟪⟶override ⟫decimal Fee(int nights)
    {
        return nights * ⟪7.5⟶7.5m⟶≡7.5M⟫;
    }
}

class Pontoon : Mooring
{
    private readonly int metres;
    public Pontoon(string name, int metres) : base(name) { this.metres = metres; }
    public override decimal Fee(int nights)
    {
        if (nights > 7)
            return metres * nights;
        return metres * nights * 2;
    }
}

static class Program
{
    static string Label(Mooring m)
    {
        switch (m.Name.Length)
        {
            case 0: return "none";
            case 1: return "short"⟪⟶;⟫
            default: return m.Name⟪.ToUpper⟶.ToUpper()⟫;
        }
    }

    static void Main(string[] args)
    {
        var all = new List<Mooring> { new Buoy("B2"), new Pontoon("P", 9) };
        decimal total = all.Sum(m ⟪->⟶=>⟫ m.Fee(3));
        foreach (var m ⟪:⟶in⟫ all)
        {
            Console.⟪Writeline⟶WriteLine⟫(Label(m));
        }
        ⟪boolean⟶bool⟫ big = total > 50;
        Console.WriteLine($"total {total} {big}");
    }
}
