import std.stdio;

struct Booking
{
    string name;
    int seats;
    bool paid;
}

int unpaid(Booking[] all)
{
    int count = 0;
    foreach (booking; all)
    {
        if (!booking.paid)
        {
            count += booking.seats;
        }
    }
    return count;
}

void main()
{
    Booking[] all;
    all ~= Booking("Aske", 2, true);
    all ~= Booking("Bente", 4, false);
    all ~= Booking("Carl", 1, false);
    writeln("Seats not paid: ", unpaid(all));
}
