using System;
using System.Collections.Generic;
using System.Linq;

struct Crate
{
    public string Label;
    public double Weight;
    public bool Fragile;
}

class Manifest
{
    private readonly List<Crate> crates = new List<Crate>();

    public void Load(string label, double weight, bool fragile)
    {
        Crate crate;
        crate.Label = label;
        crate.Weight = weight;
        crate.Fragile = fragile;
        crates.Add(crate);
    }

    public double Weight()
    {
        return crates.Sum(crate => crate.Weight);
    }

    public string Heaviest()
    {
        return crates.OrderByDescending(crate => crate.Weight).First().Label;
    }

    static void Main()
    {
        Manifest manifest = new Manifest();
        manifest.Load("glass", 80, true);
        manifest.Load("sand", 900, false);
        manifest.Load("rope", 35, false);
        Console.WriteLine("heaviest: " + manifest.Heaviest());
        double over = manifest.Weight() - 1000;
        if (over > 0)
        {
            Console.WriteLine("too heavy by " + over);
        }
    }
}
