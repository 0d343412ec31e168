using System;
using System.Collections.Generic;

interface IVessel
{
    string Name { get; }
    int Draught();
}

abstract class Vessel : IVessel
{
    protected int draught;
    public string Name { get; private set; }

    protected Vessel(string name, int draught)
    {
        Name = name;
        ⟪this.depth⟶this.draught⟫ = draught;
    }

    public virtual int Draught() { return draught; }
    public abstract string Kind();
}

class Barge : Vessel
{
    public Barge(string name) : ⟪super⟶base⟫(name, 2) { }
    public override string Kind() { return "barge"; }
}

class Cutter : Vessel
{
    public Cutter(string name, int draught) : base(name, draught) { }
    public ⟪string Kind⟶override string Kind⟫() { return "cutter"; }
    public override int Draught() { return ⟪base.draught()⟶base.Draught()⟫ + 1; }
}

class Dock
{
    private Queue<IVessel> waiting = new Queue<IVessel>();
    private int depth⟪ := ⟶ = ⟫4;

    public bool Enter(IVessel v)
    {
        if (v.Draught() > depth)
        {
            ⟪return "too deep"⟶return false⟫;
        }
        waiting.Enqueue(v);
        return true;
    ⟪⟶}⟫

    public string Next()
    {
        if (waiting.Count ⟪==⟶== 0⟫)
            return ⟪NULL⟶null⟫;
        return waiting.Dequeue().Name;
    }
}

class Program
{
    static void Main(string[] args)
    {
        Dock dock = new Dock();
        Vessel[] fleet = { new Barge("Mole"), new Cutter("Swift", 3), ⟪new Vessel("Old", 1)⟶new Barge("Old")⟶new Cutter("Old", 1)⟫ };
        foreach (Vessel v in fleet)
        {
            Console.WriteLine(v.Kind() + " " + dock.Enter(v));
        }
        for (string n = dock.Next(); n != null; n = dock.Next()⟪;⟶⟫)
            Console.WriteLine(n);
    }
}
