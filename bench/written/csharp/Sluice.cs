using System;
using System.Text;

class Gate
{
    public string Name { get; ⟪set⟶set;⟫ }
    public double Level { get; private set; }

    public Gate(string name, double level)
    {
        Name = name;
        Level = level;
    }

    public void Fill(double amount)
    {
        Level += amount;
    }

    public ⟪overide⟶override⟫ string ToString()
    {
        return Name + " " + Level.ToString(⟪'F1'⟶"F1"⟫);
    }
}

class Sluice
{
    static readonly int Max = 3;

    static int CountFull(Gate[] gates)
    {
        int full = 0;
        ⟪foreach (Gate g : gates)⟶foreach (Gate g in gates)⟫
        {
            if (g.⟪level⟶Level⟫ >= 2.0)
            {
                full++;
            }
        }
        return full;
    }

    static void Main(string[] args)
    {
        var gates = new Gate[Max];
        for (int i = 0; i < Max; i++)
        {
            gates[i] = new Gate("gate " + i⟪ i * 1.5⟶, i * 1.5⟫);
        }
        gates[0].Fill(2.5);
        gates[1].Fill(4);
        var text = new StringBuilder();
        ⟪for (Gate g in gates)⟶foreach (Gate g in gates)⟫
            text.AppendLine(g.ToString());
        Console.Write(text);
        Console.WriteLine("full: {0}", CountFull(gates)⟪)⟶⟫);
    }
}
