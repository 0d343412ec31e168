using System;
using System.Collections.Generic;

interface IMeasured
{
    double Length { get; }
    void Cut(double by);
}

class Rope ⟪implements⟶:⟫ IMeasured
{
    private double length;

    public Rope(double length) { this.length = length; }

    public double Length { get { return length; }⟪⟶ }⟫

    public void Cut(double by)
    {
        if (by > length) throw ⟪⟶new ⟫ArgumentException("too long");
        length -= by;
    }
}

class Coil : IMeasured
{
    public double Length { get; private set; }
    public Coil(double length) { Length = length; }
    ⟪void⟶public void⟫ Cut(double by) { Length = Length - by; }
}

class Ropeworks
{
    static double Sum(⟪List⟶List<IMeasured>⟫ all)
    {
        double sum = 0;
        foreach (⟪⟶var ⟶IMeasured ⟫m in all) sum += m.Length;
        return sum;
    }

    static void Main()
    {
        var all = new List<IMeasured>();
        all.Add(new Rope(20));
        all.Add(new Coil(⟪12,5⟶12.5⟫));
        all[0].Cut(5⟪⟶)⟫;
        int count = all.⟪Count()⟶Count⟫;
        Console.WriteLine("{0} pieces, {1}", count, Sum(all));
        Console.WriteLine(all[1].⟪lenght⟶Length⟫);
    }
}
