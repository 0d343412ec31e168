using System;
using System.Collections.Generic;

class Letter
{
    public string To { get; }
    public int Grams { get; }

    public Letter(string to, int grams)
    {
        To = to;
        Grams = grams;
    }
}

class Bag
{
    private readonly List<Letter> letters = new List<Letter>();
    private readonly int limit;

    public Bag(int limit) { this.limit = limit⟪⟶;⟫ }

    public int Weight()
    {
        int sum = 0;
        foreach (Letter letter ⟪of⟶in⟫ letters)
            sum += letter.⟪grams⟶Grams⟫;
        return sum;
    }

    public bool Add(Letter letter)
    {
        if (Weight() + letter.Grams > limit)
        {
            return false;
        }
        letters.⟪Push⟶Add⟫(letter);
        return true;
    }
}

class Mail
{
    static void Main()
    {
        Bag bag = new Bag(100);
        bool done = bag.Add(new Letter("Mole", 60)⟪⟶)⟫;
        Console.WriteLine(done);
        Console.WriteLine("weight " + bag.Weight⟪⟶()⟫);
    }
}
