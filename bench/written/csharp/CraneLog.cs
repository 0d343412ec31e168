using System;
using System.Collections.Generic;

interface ILift
{
    double Limit { get; }
    bool Lift(double tonnes);
}

class Crane : ILift
{
    private double limit;
    private int lifts = 0;

    public Crane(double limit)
    {
        this.limit = limit;
    }

    public double Limit { get { return limit; } }
    public int Lifts { get { return lifts; } ⟪⟶}⟫

    public bool Lift(double tonnes)
    {
        if (tonnes > limit)
        {
            return false;
        }
        lifts++;
        return ⟪True⟶true⟫;
    }
}

class CraneLog
{
    static int Work(ILift crane, List<double> loads)
    {
        int done = 0;
        for (int i = 0; i < loads.⟪Length⟶Count⟫; i++)
        {
            if (crane.Lift(loads⟪(i)⟶[i]⟫)) done++;
        }
        return done;
    }

    static void Main()
    {
        Crane crane = new Crane(20);
        List<double> loads = new List<double> { 12.5, 21, 7 };
        int done = Work(crane, loads⟪⟶)⟫;
        string text = ⟪done⟶done.ToString()⟶≡"" + done⟶≡Convert.ToString(done)⟶≡$"{done}"⟫;
        Console.WriteLine(text + " of " + loads.Count);
        if (crane.Lifts ⟪=⟶==⟫ done)
        {
            Console.WriteLine("the log is right");
        }
        ⟪boolean⟶bool⟶≡var⟫ heavy = crane.Limit > 15;
        Console.WriteLine(heavy);
    }
}
