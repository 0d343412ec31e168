using System;

struct Sounding
{
    public string Buoy;
    public double Metres;
}

class Depths
{
    static double Mean(Sounding[] list)
    {
        double sum = 0;
        for (int i = 0; i < list.⟪Count⟶Length⟫; i++)
        {
            sum += list[i].Metres;
        }
        return sum / list.Length;
    }

    static ⟪bool⟶string⟫ Mark(double metres)
    {
        if (metres < 3)
            return "shallow";
        ⟪elseif⟶else if⟫ (metres < 8)
            return "fair";
        return "deep";
    }

    static void Main(string[] args)
    {
        Sounding[] list = new Sounding[2];
        list[0].Buoy = "mole";
        list[0].Metres = 2.5;
        list[1].Buoy = ⟪'pier'⟶"pier"⟫;
        list[1].Metres = 7.5;
        foreach (Sounding one in list)
            Console.WriteLine(one.Buoy + " " + Mark(one.⟪metres⟶Metres⟫));
        ⟪int mean = Mean(list)⟶int mean = (int)Mean(list)⟶double mean = Mean(list)⟫;
        Console.WriteLine("mean {0}", mean⟪⟶)⟫;
    }
}
