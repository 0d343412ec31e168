using System;
using System.Text;

struct Finish
{
    public string Boat;
    public TimeSpan Time;
    public Finish(string boat, TimeSpan time) { Boat = boat; Time = time; }
}

interface IScorer
{
    int Points(int place);
}

class LowPoint : IScorer
{
    ⟪⟶public ⟫int Points(int place) { return place; }
}

class Regatta
{
    private Finish[] finishes = new Finish⟪(10)⟶[10]⟫;
    private int count;
    private readonly IScorer scorer;

    public Regatta(IScorer scorer) { this.scorer = scorer; }

    public void Record(string boat, int minutes)
    {
        finishes[count] = new Finish(boat, ⟪minutes⟶TimeSpan.FromMinutes(minutes)⟫);
        count++;
    }

    public string Table()
    {
        ⟪string⟶StringBuilder⟶var⟫ text = new StringBuilder();
        for (int i = 0; i < count; i++)
        {
            text.Append(finishes[i].Boat);
            text.Append(": ");
            text.AppendLine(scorer.Points(i + 1).ToString()⟪⟶)⟫;
        }
        return text⟪⟶.ToString()⟫;
    }

    ⟪⟶public ⟶internal ⟫static Regatta Sample()
    {
        var regatta = new Regatta(new ⟪IScorer⟶LowPoint⟫());
        regatta.Record("Tern", 62);
        regatta.Record("Skua"⟪⟶, 71⟫);
        return regatta;
    }
}

class Program
{
    static void Main()
    {
        Regatta regatta = Regatta.Sample();
        Console.WriteLine(regatta.Table());
        int places = ⟪int.parse⟶int.Parse⟫("3");
        for (int i = 0; i < places⟪,⟶;⟫ i++)
            Console.Write('#');
    }
}
