using System;
using System.Collections.Generic;
using System.Linq;

enum Tide { Low, Rising, High⟪;⟶⟫ }

abstract class Vessel
{
    public string Name { get; ⟪set⟶set;⟫ }
    public int Seats { get; set; }

    protected Vessel(string name, int seats)
    {
        Name = name;
        Seats = seats;
    }

    public abstract double Fare(int zones);
}

class Ferry ⟪extends⟶:⟫ Vessel
{
    public Ferry(string name, int seats) : base(name, seats) { }

    public ⟪⟶override ⟫double Fare(int zones)
    {
        return 2.5 * zones;
    }
}

class Program
{
    static Tide Judge(double depth)
    {
        if (depth < 1.5)
            return Tide.⟪low⟶Low⟫;
        ⟪else (⟶else if (⟫depth < 3.0)
            return Tide.Rising;
        return Tide.High;
    }

    static void Main()
    {
        var fleet = new List<Vessel>();
        fleet.Add(new Ferry("Gannet", 80));
        fleet.Add(new Ferry("Petrel", ⟪"120"⟶120⟫));
        foreach (var vessel in fleet)
        {
            Console.WriteLine(vessel.Name + ": " + vessel.⟪fare⟶Fare⟫(3));
        }
        int total = fleet.Sum(v => v.Seats);
        Console.WriteLine($"seats {total}, tide {Judge(2.2)}");
    }
}
