import std.stdio;
import std.conv;

struct Ticket
{
    int number;
    string pier;
}

Ticket read(string line)
{
    Ticket ticket;
    ticket.number = to!int(line[0 .. 3]);
    ticket.pier = line[4 .. $];
    return ticket;
}

void main()
{
    string[] lines = ["101 East", "102 West"];
    foreach (line; lines)
    {
        Ticket ticket = read(line);
        writeln(ticket.number, " from ", ticket.pier);
    }
}
