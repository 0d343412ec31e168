import std.stdio;

class Berth
{
    string name;
    int length;
    bool free;

    this(string name, int length)
    {
        this.name = name;
        this.length = length;
        this.free = true;
    }

    bool fits(int ship)
    {
        return free && ship <= length;
    }
}

void main()
{
    Berth[] berths;
    berths ~= new Berth("East", 40);
    berths ~= new Berth("West", 65);
    foreach (berth; berths)
    {
        if (berth.fits(50))
        {
            writeln(berth.name, " takes her");
        }
    }
}
