import std.stdio;
import std.algorithm;

double average(double[] winds)
{
    if (winds.length == 0)
    {
        return 0.0;
    }
    return sum(winds) / winds.length;
}

bool sails(double wind)
{
    return wind < 17.5;
}

void main()
{
    double[] winds = [8.5, 14.0, 19.5];
    double mean = average(winds);
    string verdict = sails(mean) ? "sails" : "stays";
    writefln("Wind %.1f: the ferry %s", mean, verdict);
}
