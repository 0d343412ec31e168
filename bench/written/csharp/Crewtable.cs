using System;
using System.Collections.Generic;

class Sailor
{
    private string name;
    private int years;

    public Sailor(string name, int years)
    {
        this.name = name;
        this.years = years;
    }

    public string Name
    {
        ⟪get { return name }⟶get { return name; }⟫
        set { name = value; }
    }

    public int Years => years;

    public static bool operator >(Sailor a, Sailor b) { return a.years > b.years; }
    public static bool operator <(Sailor a, Sailor b) { return a.years < b.years; }
}

class Table<T> ⟪⟶where T : class ⟫
{
    private Dictionary<int, T> rows = new Dictionary<int, T>();
    private int next;

    public int Add(T row)
    {
        rows.Add(⟪next++; row⟶next++, row⟫);
        return next - 1;
    }

    public T Get(int id)
    {
        T row;
        if (rows.TryGetValue(id, ⟪row⟶out row⟫))
            return row;
        return null;
    }

    public IEnumerable<T> All()
    {
        foreach (var pair in rows)
            ⟪yield pair.Value⟶yield return pair.Value⟫;
    }
}

class Program
{
    static string Grade(int years)
    {
        switch (years / 5)
        {
            case 0: return "hand";
            case 1: return "able"⟪⟶;⟫
            default:
                ⟪"mate"⟶return "mate"⟫;
        }
    }

    static void Main()
    {
        Table<Sailor> table = new Table<⟪sailor⟶Sailor⟫>();
        int first = table.Add(new Sailor("Imke", 3));
        int second = table.Add(new Sailor(⟪9, "Bram"⟶"Bram", 9⟫));
        Sailor a = table.Get(first);
        Sailor b = table.Get(second);
        if (a ⟪>> ⟶> ⟫b)
            Console.WriteLine(a.⟪name⟶Name⟫);
        else
            Console.WriteLine(b.Name + " " + Grade(b.Years));
        foreach (Sailor s in table.All())
            Console.WriteLine("{0} {1}", s.Name, s.⟪Years()⟶Years⟫);
        const int limit = 2;
        ⟪Console.ReadLine⟶Console.ReadLine()⟫;
    }
}
