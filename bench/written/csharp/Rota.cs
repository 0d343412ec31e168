using System;
using System.Collections.Generic;
⟪⟶using System.Linq;
⟫
class Shift
{
    public string Who;
    public int Hours;

    public Shift(string who, int hours)
    {
        Who = who;
        Hours = hours;
    }
}

class Rota
{
    static int HoursOf(List<Shift> shifts, string who)
    {
        int sum = 0;
        foreach (Shift shift in shifts)
        {
            if (shift.Who ⟪=⟶==⟫ who)
            {
                sum += shift.Hours;
            }
        }
        return sum⟪⟶;⟫
    }

    static string Busiest(List<Shift> shifts)
    {
        return shifts.OrderBy(s => s.Hours).Last().Who;
    }

    static void Main()
    {
        var shifts = new List<Shift>();
        shifts.Add(new Shift("Ines", 8));
        shifts.Add(⟪⟶new ⟫Shift("Olaf", 10));
        Console.WriteLine(Busiest(shifts));
        int hours = HoursOf(shifts, ⟪Ines⟶"Ines"⟫);
        Console.WriteLine("Ines " + hours);
    }
}
