using System;
using System.Collections.Generic;
⟪⟶using System.Linq;⟫

class Stay
{
    public string Boat { get; set; }
    public int Nights { get; set; }
    public double Length { get; set; }

    public Stay(string boat, int nights, double length)
    {
        Boat = boat;
        Nights = nights;
        Length = length;
    }

    public double Fee()
    {
        return Nights * Length * 1.8⟪⟶;⟫
    }
}

class BerthFees
{
    static string Label(Stay stay)
    {
        if (stay.Nights > 3)
            return "long";
        ⟪else stay.Nights > 1⟶else if (stay.Nights > 1)⟫
            return "short";
        return "one night";
    }

    static void Main()
    {
        var stays = new List<Stay>
        {
            new Stay("Heron", 2, 8.5)⟪⟶,⟫
            new Stay("Skua", 5, 11.2)
        };
        foreach (⟪⟶var ⟶≡Stay ⟫stay in stays)
        {
            Console.WriteLine(stay.Boat + ": " + stay.Fee⟪⟶()⟫ + " " + Label(stay));
        }
        double sum = stays.Sum(s => s.Fee());
        Console.⟪Writeline⟶WriteLine⟫("sum " + sum);
    }
}
