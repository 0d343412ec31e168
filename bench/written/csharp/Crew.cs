using System;
using System.Collections.Generic;
⟪⟶using System.Linq;
⟫
interface IPaid
{
    decimal Pay(int hours);
}

class Deckhand : IPaid
{
    private decimal rate = ⟪12.5⟶12.5m⟫;

    public decimal Pay(int hours)
    {
        return rate * hours;
    }
}

class Mate : IPaid
{
    ⟪⟶public ⟫decimal Pay(int hours)
    {
        return 20 * hours;
    }
}

class Crew
{
    static void Main()
    {
        var crew = new List<IPaid> { new Deckhand(), new Mate() }⟪⟶;⟫
        decimal sum = crew.Sum(one => one.Pay(8));
        Console.WriteLine(sum);
        if (sum > 200)
        {
            Console.WriteLine("over the limit");
        }
        else
        {
            Console.WriteLine("within");
        ⟪⟶}
    ⟫}
}
