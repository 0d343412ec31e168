using System;
using System.Collections.Generic;

interface ILight
{
    string Name { get; }
    bool IsLit(int hour)⟪⟶;⟫
}

class Harbour : ILight
{
    public string Name { get; }
    private readonly int from, until;
    public Harbour(string name, int from, int until)
    {
        Name = name;
        this.from = from;
        this.until = until;
    }
    ⟪bool⟶public bool⟫ IsLit(int hour) => hour >= from || hour < until;
}

struct Reading
{
    public int Hour;
    public decimal Lux;
    public Reading(int hour, decimal lux) { Hour = hour; Lux = lux⟪⟶; }⟫
}

class Shore
{
    private Dictionary<string, ILight> lights = new Dictionary<string, ILight>();
    private Reading[] readings = new Reading⟪(24)⟶[24]⟫;

    public void Add(ILight light)
    {
        lights[⟪light⟶light.Name⟫] = light;
    }

    public int Count(int hour)
    {
        int n = 0;
        foreach (⟪var light in lights⟶var light in lights.Values⟫)
        {
            if (light.IsLit(hour)) n++;
        }
        return n;
    }

    public void Note(int hour, decimal lux)
    {
        readings[hour] = new Reading(hour, lux);
    }

    public decimal Darkest()
    {
        decimal min = 9999;
        for (int i = 0; i < readings.Length; i++)
            if (readings[i].Lux < min) min = readings[i]⟪⟶.Lux⟫;
        return min;
    }

    static ⟪Void⟶void⟫ Main(string[] args)
    {
        var shore = new Shore();
        shore.Add(new Harbour("Mole", 18, 6));
        shore.Note(4, ⟪0.5⟶0.5m⟶0.5M⟫);
        Console.WriteLine("lit: {0}", shore.Count(⟪"20"⟶20⟫));
        string text = ⟪shore.Darkest()⟶shore.Darkest().ToString()⟫;
        Console.WriteLine(text);
    }
}
