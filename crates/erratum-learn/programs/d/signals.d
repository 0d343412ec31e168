import std.stdio;
import std.string;

string spoken(char letter)
{
    switch (letter)
    {
        case 'A':
            return "alfa";
        case 'B':
            return "bravo";
        default:
            return "unknown";
    }
}

void main()
{
    string flags = toUpper("ab");
    foreach (flag; flags)
    {
        writeln(spoken(flag));
    }
}
