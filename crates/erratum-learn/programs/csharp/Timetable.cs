using System;
using System.Collections.Generic;

class Sailing
{
    public int Hour;
    public int Minute;
    public string From;
    public int Seats;

    public Sailing(int hour, int minute, string from, int seats)
    {
        Hour = hour;
        Minute = minute;
        From = from;
        Seats = seats;
    }

    public string Time()
    {
        return Hour.ToString("00") + ":" + Minute.ToString("00");
    }
}

class Timetable
{
    static readonly List<Sailing> Day = new List<Sailing>
    {
        new Sailing(7, 15, "North", 40),
        new Sailing(9, 30, "Mole", 28),
        new Sailing(18, 5, "North", 44)
    };

    static Sailing Next(int hour, int minute)
    {
        foreach (Sailing one in Day)
        {
            if (one.Hour > hour || (one.Hour == hour && one.Minute >= minute))
            {
                return one;
            }
        }
        return null;
    }

    static void Main()
    {
        Sailing coming = Next(9, 31);
        if (coming != null)
        {
            Console.WriteLine("next: " + coming.Time() + " from " + coming.From);
        }
        else
        {
            Console.WriteLine("no more sailings today");
        }
        int seats = 0;
        foreach (Sailing one in Day)
        {
            seats += one.Seats;
        }
        Console.WriteLine("seats: " + seats);
    }
}
