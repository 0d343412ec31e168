import std.stdio;

enum Kind
{
    grown,
    child,
    crew
}

double fare(Kind kind, int zones)
{
    double base = 1.5 * zones;
    switch (kind)
    {
        case Kind.child:
            return base / 2;
        case Kind.crew:
            return 0.0;
        default:
            return base;
    }
}

void main()
{
    double total = 0.0;
    Kind[] party = [Kind.grown, Kind.grown, Kind.child];
    foreach (kind; party)
    {
        total += fare(kind, 3);
    }
    writefln("Total: %.2f", total);
}
