using System;
⟪using Collections.Generic;⟶using System.Collections.Generic;⟫
using System.Linq;

namespace Harbour
{
    public enum Colour { Red, Green, White }

    public class Lamp
    {
        public string Name { get; ⟪set⟶set;⟫ }
        public Colour Colour { get; set; }
        public int Hours;

        public Lamp(string name, Colour colour)
        {
            Name = name;
            Colour = colour⟪⟶;⟫
        }

        public bool IsOld() => Hours > 1000;

        public override string ToString()
        {
            return ⟪Name + ' (' + Colour + ')'⟶Name + " (" + Colour + ")"⟫;
        }
    }

    public class Line
    {
        private readonly List<Lamp> lamps = new List<Lamp>⟪⟶()⟫;

        public void Add(Lamp lamp)
        {
            lamps.⟪add⟶Add⟫(lamp);
        }

        public int Old()
        {
            int count = 0;
            foreach (Lamp lamp ⟪of⟶in⟫ lamps)
            {
                if (lamp⟪.IsOld⟶.IsOld()⟫)
                    count++;
            }
            return count;
        }

        public Dictionary<Colour, int> Counts()
        {
            var counts = new Dictionary<Colour, int>();
            for (int i = 0; i < lamps.⟪Length⟶Count⟫; i++)
            {
                Colour colour = lamps[i].Colour;
                if (counts.ContainsKey(colour)⟪⟶)⟫
                    counts[colour] += 1;
                else
                    counts[colour] = 1;
            }
            return counts;
        }
    }

    public static class Program
    {
        public static void Main(string[] args)
        {
            Line line = new Line();
            line.Add(new Lamp("bar", Colour.Red) { Hours ⟪:⟶=⟫ 1200 });
            line.Add(new Lamp("pier", ⟪"green"⟶Colour.Green⟫));
            line.Add(⟪⟶new ⟫Lamp("gate", Colour.White));
            Console.WriteLine(line.Old());
            foreach (var pair in line.Counts())
                Console.⟪Writeline⟶WriteLine⟫(pair.Key + ": " + pair.Value);
            string first = line.Counts()⟪.First⟶.First()⟫.Key.ToString();
            Console.WriteLine(first);
        }
    }
}
