using System;
using System.Collections.Generic;
using System.Linq;

public struct Position
{
    public double X, Y;
    public Position(double x, double y) { X = x⟪,⟶;⟫ Y = y; }
    public double Distance(Position other)
    {
        return ⟪Sqrt⟶Math.Sqrt⟫(Math.Pow(X - other.X, 2) + Math.Pow(Y - other.Y, 2));
    }
}

public interface ITrack
{
    Position Where { get; }
    void Move(double dx, double dy)⟪⟶;⟫
}

public class Barge : ITrack
{
    public Position Where { get; private set; }
    public ⟪⟶string ⟫ Name;
    private int? crew;

    public ⟪void ⟶⟫Barge(string name, Position start)
    {
        Name = name;
        Where = start;
    }

    ⟪⟶public ⟫void Move(double dx, double dy)
    {
        Where = new Position(Where.X + dx, Where.Y + dy);
    }

    public int Crew()
    {
        return ⟪crew⟶crew ?? 0⟶crew.Value⟶(int) crew⟶crew.GetValueOrDefault()⟫;
    }

    public void Board(int n) { crew = n; }
}

public static class Fleet
{
    private static Dictionary<string, Barge> all = new Dictionary<string, Barge>();

    public static void Add(Barge b)
    {
        all⟪.put(b.Name, b)⟶[b.Name] = b⟶.Add(b.Name, b)⟫;
    }

    public static Barge Nearest(Position p)
    {
        return all.Values.OrderBy(b => b.Where.⟪distance⟶Distance⟫(p)).First();
    }

    public static ⟪⟶void ⟫Show()
    {
        foreach (KeyValuePair<string, Barge> e in all)
            Console.WriteLine($"{e.Key}: {e.Value.Where.X⟪⟶}⟫ {e.Value.Crew()}");
    }

    public static void Main()
    {
        Barge tern = new Barge("Tern", new Position(0, 0));
        Barge gull = new Barge("Gull"⟪⟶, new Position(5, 2)⟫);
        Add(tern);
        ⟪Fleet add⟶Add⟶Fleet.Add⟫(gull);
        tern.Move(1.5, 2);
        gull.Board(⟪"4"⟶4⟫);
        Show();
        if (Nearest(new Position(4, 4)) == gull⟪⟶)⟫
            Console.WriteLine("gull is near");
        bool empty = all.Count == 0 ⟪or⟶||⟫ tern.Crew() == 0;
        Console.WriteLine(empty);
    }
}
