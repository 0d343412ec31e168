using System;
using System.Collections.Generic;

enum Size { Small, Large }

class Slip
{
    public int Number;
    public Size Size;
    public string Boat = null;

    public bool IsFree() { return Boat == null; }
}

class Marina
{
    private List<Slip> slips = new List<Slip>⟪⟶()⟫;

    public void Add(int number, ⟪size⟶Size⟫ size)
    {
        slips.Add(new Slip { Number = number⟪;⟶,⟫ Size = size });
    }

    public Slip FindFree(Size size)
    {
        foreach (Slip s in slips)
            if (s.IsFree() && s.Size ⟪=⟶==⟫ size)
                return s;
        return null;
    }

    public int Taken()
    {
        int taken ⟪:=⟶=⟫ 0;
        for (int i = 0; i < slips.⟪Length⟶Count⟫; i++)
            if (⟪not ⟶!⟫slips[i].IsFree()) taken++;
        return taken;
    }

    static void Main()
    {
        Marina m = new Marina();
        m.Add(1, ⟪Small⟶Size.Small⟫);
        m.Add(2, Size.Large);
        Slip s = m.FindFree(Size.Large);
        s.Boat = "Tern"⟪⟶;⟫
        Console.WriteLine("taken: {0}", m.⟪taken⟶Taken⟫());
    }
⟪⟶}⟫
