import std.stdio;

struct Sailing
{
    string pier;
    int seats;
    double fare;
}

int taken(Sailing[] day)
{
    int sum = 0;
    foreach (sailing; day)
    {
        sum += sailing.seats
    }
    return sum;
}

double takings(Sailing[] day)
{
    double total = 0.0;
    foreach (sailing; day)
    {
        total += sailing.seats * sailing.fare;
    }
    return totla;
}

void main()
{
    Sailing[] day = [Sailing("East", 40, 3.5), Sailing("West", 25, 4.25)];
    writeln("Seats: ", taken(day));
    writefln("Takings: %.2f", takings(day);
}
