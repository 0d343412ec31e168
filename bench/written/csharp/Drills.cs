using System;
using System.Collections.Generic;

namespace Harbour
{
    enum Level { Calm, Rough⟪;⟶,⟫ Storm }

    class Drill
    {
        public string Name { get; set⟪⟶;⟫ }
        public Level Level { get; set; }
        private readonly List<int> times = new List<int>⟪⟶()⟫;

        public Drill(string name, Level level)
        {
            Name = name;
            Level = level;
        }

        public void Record(int seconds)
        {
            times.⟪Append⟶Add⟫(seconds);
        }

        public double Mean()
        {
            if (times.Count == 0) return 0;
            int sum = 0;
            ⟪for⟶foreach⟫ (int t in times)
            {
                sum += t;
            }
            return (double)sum / times.Count;
        }

        public override string ToString()
        {
            return Name + " " + Level + " " + Mean();
        }
    }

    class Program
    {
        static int Slow(List<Drill> drills, double limit)
        {
            int n = 0;
            foreach (var d in drills)
                if (d.Mean⟪⟶()⟫ > limit) n++;
            return n;
        }

        static void Main()
        {
            var drills = new List<Drill>();
            var fire = new Drill("fire", ⟪Rough⟶Level.Rough⟫);
            fire.Record(30);
            fire.Record(⟪"42"⟶42⟫);
            drills.Add(fire);
            drills.Add(new Drill(⟪Level.Calm, "boats"⟶"boats", Level.Calm⟫));
            Console.WriteLine(fire);
            Console.WriteLine("slow: " + Slow(drills⟪. ⟶, ⟫20.5));
            bool any = drills.Count > 1 ⟪and⟶&&⟫ fire.Mean() < 40;
            Console.WriteLine(any);
        }
    }
}
