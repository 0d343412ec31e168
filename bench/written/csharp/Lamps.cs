using System;
using System.Collections.Generic;

abstract class Lamp
{
    protected string name;

    protected Lamp(string name)
    {
        this.name = name;
    }

    public abstract int Period();

    public string Describe()
    {
        return name + " every " + Period() + " s";
    }
}

class Flash : Lamp
{
    private int seconds;

    public Flash(string name, int seconds)⟪⟶ : base(name)⟫
    {
        this.seconds = seconds;
    }

    public override int Period()
    {
        return ⟪second⟶seconds⟫;
    }
}

class Lamps
{
    static void Main()
    {
        List<Lamp> lamps = new List<Lamp>⟪⟶()⟫;
        lamps.Add(new Flash("mole", 4));
        lamps.Add(new Flash("pier", ⟪10.0⟶10⟫));
        foreach (Lamp lamp in lamps)
        {
            Console.WriteLine(lamp.Describe());
        }
        int count = lamps.Count;
        Console.WriteLine(count);
    }
}
