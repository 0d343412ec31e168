using System;
using System.Collections.Generic;

abstract class Line
{
    public double Length;
    public abstract double Strength();
}

class BowLine : Line
{
    public BowLine(double length) { Length = length; }
    public ⟪⟶override ⟫double Strength() { return Length * 2; }
}

class SpringLine : Line
{
    public SpringLine(double length)
    {
        Length = length;
    }

    public override double Strength()
    {
        if (Length > 20)
            ⟪Length * 1.5⟶return Length * 1.5⟫;
        return Length;
    }
}

class Mooring
{
    private List<Line> lines = new ⟪List<Line>⟶List<Line>()⟫;

    public void Add(Line line⟪⟶)⟫
    {
        lines.Add(line);
    }

    public double Total()
    {
        double total = 0⟪⟶;⟫
        foreach (Line line in lines)
            total += line.⟪Strength⟶Strength()⟫;
        return total;
    }

    public bool Holds(double wind) => Total() ⟪=>⟶>=⟫ wind;
}

class Program
{
    static void Main(string[] args)
    {
        Mooring mooring = new Mooring();
        mooring.Add(new BowLine(18));
        mooring.Add(new SpringLine(⟪"25.5"⟶25.5⟫));
        Console.WriteLine("{0:F1}", mooring.Total());
        string answer = mooring.Holds(60) ⟪then⟶?⟫ "holds" : "drags";
        Console.WriteLine(⟪ansver⟶answer⟫);
    }
}
