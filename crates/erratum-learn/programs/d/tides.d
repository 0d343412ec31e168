import std.stdio;

struct Tide
{
    int hour;
    double depth;
}

bool deepEnough(Tide tide, double draught)
{
    return tide.depth > draught + 0.5;
}

int firstHour(Tide[] day, double draught)
{
    foreach (tide; day)
    {
        if (deepEnough(tide, draught))
        {
            return tide.hour;
        }
    }
    return -1;
}

void main()
{
    Tide[] day = [Tide(6, 1.8), Tide(9, 2.9), Tide(12, 3.4)];
    int hour = firstHour(day, 2.0);
    writeln("First hour: ", hour);
}
