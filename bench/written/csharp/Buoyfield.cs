using System;
using System.Collections.Generic;
using System.Linq;

public struct Point
{
    public double X { get; }
    public double Y { get; }
    public Point(double x, double y) { X = x; Y = y⟪⟶;⟫ }
    public double DistanceTo(Point other) => Math.⟪sqrt⟶Sqrt⟫(Math.Pow(X - other.X, 2) + Math.Pow(Y - other.Y, 2));
}

public class Buoy
{
    public string Name { get; private set; }
    public Point Place { get; set; }
    private static int made⟪ : ⟶ = ⟫0;

    public Buoy(string name, Point place)
    {
        Name = name;
        Place = place;
        made++;
    }

    public static int Made => made;

    public void Rename(string name)
    {
        if (string.IsNullOrEmpty(name)) ⟪then⟶⟫
            throw new ArgumentException("name");
        Name = name;
    }
}

public class Field
{
    private readonly List<Buoy> buoys = ⟪List<Buoy>()⟶new List<Buoy>()⟫;

    public Buoy this[string name]
    {
        get { return buoys.FirstOrDefault(b => b.Name == name⟪⟶)⟫; }
    }

    public void Add(Buoy buoy)
    {
        ⟪buoys.Add(Buoy)⟶buoys.Add(buoy)⟫;
    }

    public Buoy Nearest(Point to)
    {
        Buoy best = null;
        double least = double.MaxValue;
        foreach (⟪⟶var ⟶Buoy ⟫buoy in buoys)
        {
            var distance = buoy.Place.DistanceTo(to);
            if (distance < least)
            {
                least = distance;
                best = buoy⟪.Name⟶⟫;
            }
        }
        return best;
    }

    public IEnumerable<IGrouping<bool, Buoy>> ByHalf() ⟪=⟶=>⟫ buoys.GroupBy(b => b.Place.X > 0);
}

public class Program
{
    public static void Main()
    {
        var field = new Field();
        field.Add(new Buoy("bar", new Point(1, 2)));
        field.Add(new Buoy("mole", ⟪Point(-3, 0.5)⟶new Point(-3, 0.5)⟫));
        field["bar"].⟪Name = "outer bar"⟶Rename("outer bar")⟫;
        ⟪Buoy near == field.Nearest(new Point(0, 0));⟶Buoy near = field.Nearest(new Point(0, 0));⟫
        Console.WriteLine($"{near.Name} of {Buoy.Made}"⟪⟶)⟫;
        foreach (var half in field.ByHalf())
            Console.WriteLine(half.Key + " " + half.Count⟪⟶()⟫);
    }
}
