using System;
using System.Collections.Generic;

abstract class Worker
{
    protected string name;
    protected double hours;

    public Worker(string name, double hours)
    {
        this.name = name;
        this.hours = hours;
    }

    public abstract double Wage();

    public string Line()
    {
        return name + " " + Wage().ToString("F2");
    }
}

class Docker : Worker
{
    private double rate = 14.5;

    public Docker(string name, double hours) ⟪⟶: base(name, hours)⟫
    {
    }

    public ⟪⟶override ⟫double Wage()
    {
        return hours * rate;
    }
}

class Foreman : Worker
{
    public Foreman(string name, double hours) : base(name, hours)
    {
    }

    public override ⟪int⟶double⟫ Wage()
    {
        return hours * 19.0 + 40.0;
    }
}

class Gang
{
    private List<Worker> workers = new List<Worker>();

    public void Hire(Worker worker)
    {
        workers.Add(worker);
    }

    public double Total()
    {
        double total⟪⟶ = 0⟶≡ = 0.0⟫;
        foreach (Worker worker in workers)
        {
            total += worker.Wage();
        }
        return total;
    }

    public Worker Best()
    {
        Worker best = null;
        for (int i = 0; i < workers.⟪Length⟶Count⟫; i++)
        {
            if (best == null || workers[i].Wage() > best.Wage())
            {
                best = workers⟪(i)⟶[i]⟫;
            }
        }
        return best;
    }

    static void Main(string[] args)
    {
        Gang gang = new Gang();
        gang.Hire(new Docker("Orla", 38));
        gang.Hire(⟪⟶new ⟫Foreman("Piet", 40));
        Console.WriteLine(gang.Best().Line());
        Console.WriteLine("all: " + gang.Total⟪⟶()⟫ * 1.2);
    }
}
