using System;
using System.Collections.Generic;
using System.Linq;

class Quay
{
    public int Number { get; ⟪set⟶set;⟫ }
    public string Ship { get; set; }
    public bool Free => Ship == null;

    public Quay(int number)
    {
        ⟪this->Number⟶this.Number⟫ = number;
    }
}

class Quays
{
    static readonly List<Quay> all = new List<Quay>()⟪⟶;⟫

    static Quay FirstFree()
    {
        foreach (⟪Quay⟶Quay q⟶≡var q⟫ in all)
        {
            if (q.Free) return q;
        }
        return ⟪nil⟶null⟫;
    }

    static int Taken()
    {
        return all.Count(q => !q.Free);
    }

    static void Main(string[] args)
    {
        for (int i = 1; i <= 3; i++)
            all.Add(new Quay(i));
        FirstFree().Ship = ⟪'tern'⟶"tern"⟫;
        Console.WriteLine(⟪Taken⟶Taken()⟫);
        string names = string.Join(", ", all.Select(q => q.⟪number⟶Number⟫));
        Console.WriteLine($"{names}"⟪⟶)⟫;
    }
}
