using System;
using System.Collections.Generic;

enum Size { Small, Large }

abstract class Boat
{
    protected readonly string name;

    protected Boat(string name)
    {
        this.name = name;
    }

    public abstract int Fee(int nights);
    public ⟪overide⟶override⟫ string ToString() { return name; }
}

class Yacht : Boat
{
    private Size size;

    public Yacht(string name, Size size) ⟪⟶: base(name)⟫
    {
        this.size = size;
    }

    public override int Fee(int nights)
    {
        int rate = size == ⟪Large⟶Size.Large⟫ ? 40 : 25;
        return rate * nights;
    }
}

class Harbour
{
    private readonly Dictionary<string, int> bills = new Dictionary<string, int>();

    public void Charge(Boat boat, int nights)
    {
        bills[boat.ToString()] = boat.Fee(nights);
    }

    public int Total()
    {
        int sum = 0;
        foreach (var bill in bills.⟪values⟶Values⟫)
            sum += bill;
        return sum;
    }

    static void Main()
    {
        var harbour = new Harbour();
        harbour.Charge(new Yacht("Tern", Size.Small⟪⟶)⟫, 3);
        Boat big = new Yacht("Skua", Size.Large);
        harbour.Charge(big, ⟪2.0⟶2⟫);
        Console.WriteLine("total: {0}", harbour.Total());
    }
}
