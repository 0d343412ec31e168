import std.stdio;

interface Sailor
{
    int hours();
    string title();
}

class Mate : Sailor
{
    private int worked;

    this(int worked)
    {
        this.worked = worked;
    }

    int hours()
    {
        return worked;
    }

    string title()
    {
        return "mate";
    }
}

void main()
{
    Sailor one = new Mate(38);
    int over = one.hours() - 36;
    if (over > 0)
    {
        writeln(one.title(), " is over by ", over);
    }
}
