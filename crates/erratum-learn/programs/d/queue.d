import std.stdio;

struct Queue
{
    int[] cars;
    int most;

    bool add(int length)
    {
        if (total() + length > most)
        {
            return false;
        }
        cars ~= length;
        return true;
    }

    int total()
    {
        int sum = 0;
        foreach (car; cars)
        {
            sum += car;
        }
        return sum;
    }
}

void main()
{
    Queue queue = Queue([], 20);
    bool first = queue.add(12);
    bool second = queue.add(9);
    writeln(first, " ", second, " ", queue.total());
}
