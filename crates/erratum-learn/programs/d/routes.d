import std.stdio;

int distance(int from, int to)
{
    int miles = to - from;
    if (miles < 0)
    {
        miles = -miles;
    }
    return miles;
}

int length(int[] stops)
{
    int sum = 0;
    for (int i = 1; i < stops.length; i++)
    {
        sum += distance(stops[i - 1], stops[i]);
    }
    return sum;
}

void main()
{
    int[] stops = [0, 4, 9, 3];
    writeln("Miles: ", length(stops));
}
