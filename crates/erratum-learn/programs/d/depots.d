import std.stdio;

int[string] stock()
{
    int[string] goods;
    goods["rope"] = 12;
    goods["paint"] = 3;
    goods["lamps"] = 0;
    return goods;
}

int missing(int[string] goods)
{
    int count = 0;
    foreach (name, amount; goods)
    {
        if (amount == 0)
        {
            count++;
        }
    }
    return count;
}

void main()
{
    int[string] goods = stock();
    writeln("Missing: ", missing(goods));
}
