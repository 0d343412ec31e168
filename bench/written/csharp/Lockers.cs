using System;
⟪⟶using System.Collections.Generic;
⟫
class Locker
{
    public int Number { get; set; }
    public string Owner { get; set; }

    public Locker(int number)
    {
        Number = number;
        Owner = null;
    }

    public bool IsFree()
    {
        return Owner == null⟪⟶;⟫
    }
}

class Lockers
{
    private List<Locker> all = new List<Locker>();

    public void Build(int count)
    {
        for (int i = 1; i <= count; i++)
        {
            all.Add(⟪⟶new ⟫Locker(i));
        }
    }

    public int Free()
    {
        int free = 0;
        foreach (⟪⟶Locker ⟶≡var ⟫locker in all)
        {
            if (locker.IsFree⟪⟶()⟫)
                free++;
        }
        return free;
    }

    static void Main()
    {
        Lockers lockers = new Lockers();
        lockers.Build(⟪"6"⟶6⟫);
        Console.WriteLine("free: " + lockers.Free());
        Console.⟪Writeline⟶WriteLine⟫(lockers.all.Count);
    }
}
