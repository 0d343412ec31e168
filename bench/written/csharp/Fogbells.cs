using System;
using System.Collections.⟪generic⟶Generic⟫;

class Bell
{
    public ⟪final⟶readonly⟫ string Name;
    public int Strikes⟪⟶;⟫

    public Bell(string name, int strikes)
    {
        Name = name;
        Strikes = strikes;
    }

    public override string ToString()
    {
        return Name + ": " + ⟪strikes⟶Strikes⟫;
    }
}

class Tower
{
    private ⟪ArrayList<Bell>⟶List<Bell>⟫ bells = new List<Bell>();

    public void Add(Bell bell)
    {
        bells.⟪add⟶Add⟫(bell);
    }

    public int Total()
    {
        int total = 0;
        ⟪for⟶foreach⟫ (Bell bell in bells)
        {
            total += bell.Strikes;
        }
        ⟪return⟶return total⟫;
    }

    public bool Loud(int limit)
    {
        return ⟪total⟶Total()⟫ > limit;
    }
}

class Program
{
    static void Main(⟪String args[]⟶string[] args⟶String[] args⟫)
    {
        Tower tower = ⟪⟶new ⟫Tower();
        tower.Add(new Bell("east", 3));
        tower.Add(new Bell("west", ⟪"5"⟶5⟫));
        if (tower.Loud(4) ⟪== True⟶== true⟶⟫)
        {
            Console.⟪writeline⟶WriteLine⟫("loud: {0}", tower.Total());
        }
    }
}
