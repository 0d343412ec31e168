using System;

class Tank
{
    private readonly int size;
    private int level;
    public readonly string Name;

    public Tank(string name, int size)
    {
        Name = name;
        this.size = size;
        level = size / 2;
    }

    public int Fill(int amount)
    {
        int room = size - level;
        int taken = Math.Min(room, amount);
        level += taken;
        return amount - taken;
    }

    public bool Draw(int amount)
    {
        if (amount > level)
        {
            return false;
        }
        level -= amount;
        return true;
    }

    public int Percent()
    {
        return 100 * level / size;
    }
}

class Depot
{
    static void Main()
    {
        Tank[] tanks = { new Tank("east", 1000), new Tank("west", 400) };
        int left = 900;
        for (int i = 0; i < tanks.Length && left > 0; i++)
        {
            left = tanks[i].Fill(left);
        }
        Console.WriteLine("left over: " + left);
        foreach (Tank tank in tanks)
        {
            Console.WriteLine(tank.Name + " " + tank.Percent() + " %");
        }
        if (!tanks[1].Draw(500))
        {
            Console.WriteLine("not enough fuel");
        }
    }
}
