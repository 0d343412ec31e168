⟪⟶using System;
⟫using System.Collections.Generic;

class Bells
{
    private readonly List<int> hours = new List<int>();

    public void Ring(int hour)
    {
        if (hour < 0 || hour > 23)
        {
            throw new ArgumentException("no such hour");
        }
        hours.Add(hour);
    }

    public ⟪void⟶int⟫ Last()
    {
        return hours[hours.⟪Length⟶Count⟫ - 1];
    }

    static void Main()
    {
        Bells bells = new Bells();
        bells.⟪ring⟶Ring⟫(8);
        Console.WriteLine("last: " + bells.Last());
    }
}
