using System;
using System.Collections.Generic;

class Hold
{
    private Dictionary<string, int> crates = new Dictionary<string, int>();
    private int limit;

    public Hold(int limit)
    {
        this.limit = limit;
    }

    public int Total
    {
        get
        {
            int sum = 0;
            foreach (int count in crates.Values)
                sum += count;
            return sum;
        }
    }

    public bool Load(string goods, int count)
    {
        if (⟪Total()⟶Total⟫ + count > limit) {
            return false;
        }
        crates[goods] = count;
        return true;
    }
⟪⟶}
⟫
class Cargo
{
    static void Main()
    {
        Hold hold = new Hold(100);

        bool done = hold.Load("salt", 60) ⟪and⟶&&⟫ hold.Load("rope", 50);
        if (!done⟪⟶)⟫
        {
            Console.WriteLine("no room");
        }
        Console.WriteLine($"{hold.Total} crates");
    }
}
