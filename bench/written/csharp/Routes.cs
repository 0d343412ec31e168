using System;

class Routes
{
    static int[,] cost = new int[3, 3];
    const int Ports = 3;

    static void Link(int a, int b, int price)
    {
        cost⟪[a][b]⟶[a, b]⟫ = price;
        cost[b, a] = price;
    }

    static int Cheapest(int from)
    {
        int best = -1;
        for (int to = 0; to < Ports; to++)
        {
            if (cost[from, to] == 0) continue;
            if (best ⟪=⟶==⟫ -1 || cost[from, to] < cost[from, best])
                best = to;
        }
        return best;
    }

    static ⟪void⟶string⟫ Row(int from)
    {
        string line = "";
        for (int to = 0; to < Ports; to++)
            line += cost[from, to] + " ";
        return line.⟪trim⟶Trim⟫();
    }

    static bool TryParse(string text, out int value)
    {
        return int.TryParse(text, ⟪⟶out ⟫value);
    }

    static void Main()
    {
        Link(0, 1, 4)⟪⟶;⟫
        Link(1, 2, 2);
        for (int i = 0; i < Ports; i++)
            Console.WriteLine(Row(i));
        int n;
        if (TryParse("7", out n) ⟪and⟶&&⟫ n > Cheapest(0))
            Console.WriteLine("more");
        Console.WriteLine(Cheapest(1));
    }
}
