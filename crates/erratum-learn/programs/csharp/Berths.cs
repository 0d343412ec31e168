using System;

class Berth
{
    public int Number { get; set; }
    public double Length { get; set; }
    public string Boat { get; set; }

    public Berth(int number, double length)
    {
        Number = number;
        Length = length;
    }

    public bool IsFree()
    {
        return Boat == null;
    }
}

class Harbour
{
    private Berth[] berths = { new Berth(1, 24), new Berth(2, 30), new Berth(3, 18) };

    public Berth Find(double length)
    {
        foreach (Berth berth in berths)
        {
            if (berth.IsFree() && berth.Length >= length)
            {
                return berth;
            }
        }
        return null;
    }

    public void Moor(string boat, double length)
    {
        Berth place = Find(length);
        if (place == null)
        {
            Console.WriteLine("no berth for " + boat);
            return;
        }
        place.Boat = boat;
        Console.WriteLine("{0} goes to berth {1}", boat, place.Number);
    }

    static void Main(string[] args)
    {
        Harbour harbour = new Harbour();
        harbour.Moor("Petrel", 26.5);
        harbour.Moor("Albatross", 40);
    }
}
