using System;
using System.Collections.Generic;
using System.Linq;

class Tug
{
    public string Name { get; private set; }
    public int Power { get; private set; }
    private readonly List<string> jobs = new List<string>();

    public Tug(string name, int power)
    {
        ⟪this.name⟶this.Name⟶Name⟫ = name;
        Power = power;
    }

    public void Take(string job)
    {
        if (jobs.Contains(job⟪⟶)⟫)
            throw new ArgumentException("taken: " + job);
        jobs.Add(job);
    }

    public int Jobs
    {
        get { return jobs.Count(); ⟪⟶}⟫
    }

    public override string ToString()
    {
        return string.Format("{0} ({1} kW)", Name, Power);
    }
}

class Office
{
    Dictionary<string, Tug> tugs = new Dictionary<string, Tug>();

    public void Register(Tug tug)
    {
        tugs⟪(tug.Name)⟶[tug.Name]⟫ = tug;
    }

    public Tug Strongest()
    {
        return tugs.Values.OrderByDescending(⟪t.Power⟶t => t.Power⟫).FirstOrDefault();
    }

    public bool Send(string name, string job)
    {
        Tug tug;
        if (!tugs.TryGetValue(name, out tug⟪;⟶))⟫
            return false;
        tug.Take(job);
        return true;
    }
}

static class Program
{
    static ⟪int⟶void⟫ Main()
    {
        var office = new Office();
        office.Register(new Tug("Hero", 1800));
        office.Register(new Tug("Brage", ⟪"2400"⟶2400⟫));
        bool sent = office.Send("Hero", "Alma");
        if (sent)
            Console.⟪Writeline⟶WriteLine⟫("Hero is sent");
        string line = sent ? "busy" ⟪,⟶:⟫ "free";
        Console.WriteLine(line);
        ⟪Tug⟶string⟶var⟫ strongest = office.Strongest().ToString();
        Console.WriteLine(strongest);
        foreach (string word in line.Split(⟪" "⟶' '⟫))
            Console.WriteLine(word);
    }
}
