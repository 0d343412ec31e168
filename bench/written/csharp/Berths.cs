using System;
using System.Collections.Generic;

class Berth
{
    public int Number { get; set; }
    public string Boat { get; set; }
}

class Quay
{
    private List<Berth> berths = new List<Berth>();

    public Quay(int count)
    {
        for (int i = 1; i <= count; i++)
        {
            berths.Add(new Berth { Number = i⟪⟶ }⟫);
        }
    }

    public ⟪boolean⟶bool⟫ Dock(string boat)
    {
        foreach (var berth in berths)
        {
            if (berth.Boat == null)
            {
                berth.Boat = boat;
                return true;
            }
        }
        return false;
    }

    public int Free()
    {
        return berths.FindAll(b => b.Boat == null).Count;
    }
}

class Berths
{
    static void Main()
    {
        Quay quay = new Quay(2);
        if (quay.Dock(⟪'Skua'⟶"Skua"⟫))
        {
            Console.WriteLine("docked"⟪⟶)⟫;
        }
        Console.WriteLine(quay.⟪Free⟶Free()⟫ + 1);
    }
}
