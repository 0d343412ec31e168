using System;
using System.Collections.Generic;
using System.Linq;

interface ISurveyed
{
    double Depth { get; }
    string Describe();
}

class Bank : ISurveyed
{
    private string name;
    private double depth;
    public static int Count = 0;

    public ⟪bank⟶Bank⟫(string name, double depth)
    {
        this.name = name;
        this.depth = depth;
        Count++;
    }

    public double Depth { get { return depth⟪⟶;⟫ } }

    public string Name
    {
        get { return name; }
        set { name = ⟪Value⟶value⟫; }
    }

    ⟪⟶public ⟫string Describe()
    {
        return string.Format("{0}: {1}"⟪ ⟶, ⟫name, depth);
    }

    public override string ToString() { return Describe(); }

    public static bool operator >(Bank a, Bank b) { return a.depth > b.depth; }
    public static bool operator <(Bank a, Bank b) { return a.depth < b.depth; }
}

class Survey<T> where T : ISurveyed
{
    private T[] items = new T[10];
    private int n;

    public void Add(T item)
    {
        if (n == items.Length)
        {
            Array.Resize(⟪items⟶ref items⟫, n * 2);
        }
        items[n++] = item;
    }

    public double Mean()
    {
        double sum = 0;
        for (int i = 0; i < n; i++)
        {
            sum += items[i].⟪depth⟶Depth⟫;
        }
        return ⟪n ? sum / n : 0⟶n > 0 ? sum / n : 0⟶n != 0 ? sum / n : 0⟫;
    }
}

class Program
{
    static int Largest(params int[] all)
    {
        int best = all[0];
        foreach (int a in all)
            if (a > best) best = a;
⟪⟶        return best;
⟫    }

    static void Main(string[] args)
    {
        var survey = new Survey⟪⟶<Bank>⟫();
        survey.Add(new Bank("Middle", 2.5));
        Bank inner = new Bank("Inner", ⟪"3"⟶3⟫);
        survey.Add(inner);
        Console.WriteLine(survey.Mean()⟪⟶)⟫;
        Console.WriteLine(⟪inner.Count⟶Bank.Count⟫);
        int wide = ⟪Console.ReadLine()⟶int.Parse(Console.ReadLine())⟶Convert.ToInt32(Console.ReadLine())⟫;
        List<int> widths = new List<int> { 3, 5, wide };
        var big = widths.Where(w ⟪->⟶=>⟫ w > 3).ToList();
        Console.WriteLine("{0} {1}", big.Count, Largest(1, 2));
    }
}
