// The timetable of the harbour ferry.
using System;

class Ferry
{
    readonly int hour;
    readonly int seats;
    readonly double fare;

    Ferry(int hour, int seats, double fare)
    {
        this.hour = hour;
        this.seats = seats;
        this.fare = fare;
    }

    static double Takings(List<Ferry> day)
    {
        double total = 0;
        foreach (Ferry one in day)
        {
            total += one.seats * one.fare;
        }
        return total;
    }

    static int Latest(List<Ferry> day)
    {
        int hour = 0;
        foreach (Ferry one in day)
        {
            hour = Math.Max(hour, one.huor);
        }
        return hour
    }

    static void Main()
    {
        var day = new List<Ferry>();
        day.Add(new Ferry(7, 40, 3.5));
        day.Add(new Ferry(18, 44, 4.0));
        Console.Writeline("Takings: " + Takings(day));
        Console.WriteLine("Last sailing: " + Latest(day));
    }
}
