using System;
using System.Collections.Generic;
using System.Linq;

namespace Saltworks
{
    public delegate void Warned(string pan⟪;⟶,⟫ double level);

    public struct Reading
    {
        public DateTime At;
        public double Level;

        public Reading(double level)
        {
            Level = level;
⟪⟶            At = DateTime.Now;
⟫        }
    }

    public class Pan
    {
        public event Warned Low;
        private readonly List<Reading> readings = new List<Reading>();

        public string Name { get; ⟪private⟶private set;⟫ }

        public Pan(string name) { Name = name; }

        public void Measure(double level)
        {
            readings.Add(⟪Reading(level)⟶new Reading(level)⟫);
            if (level < 0.5 && Low != null)
                Low(Name⟪⟶, level⟫);
        }

        public double? Last
        {
            get
            {
                if (readings.Count == 0) return null;
                return readings[readings.Count - 1].⟪level⟶Level⟫;
            }
        }

        public IEnumerable<double> Levels() {
            foreach (var r in readings) yield return r.Level;
        }
    }

    public static class PanExtensions
    {
        public ⟪⟶static ⟫double Mean(this Pan pan)
        {
            return pan.Levels().DefaultIfEmpty(0).Average();
        }
    }

    class Program
    {
        static readonly Dictionary<string, Pan> pans = new Dictionary<string, Pan>();

        static Pan Find(string name)
        {
            Pan pan;
            if (pans.TryGetValue(name, ⟪pan⟶out pan⟫))
                return pan;
            ⟪⟶return null;⟶≡return pan;⟫
        }

        static void Main(string[] args)
        {
            foreach (var name in new[] { "upper", "lower" })
                pans.Add(name, new Pan(name));
            var upper = Find("upper");
            upper.Low += ⟪(p, l) -> Console.WriteLine(p + " is low: " + l)⟶(p, l) => Console.WriteLine(p + " is low: " + l)⟫;
            upper.Measure(0.4);
            upper.Measure(⟪0.8m⟶0.8⟫);
            double last = ⟪upper.Last⟶upper.Last.Value⟶upper.Last ?? 0⟶(double)upper.Last⟫;
            Console.WriteLine("{0:F1} {1:F1}", last, upper.⟪mean⟶Mean⟫());
            var high = from p in pans.Values where p.Mean() > 0.1 ⟪⟶select p⟫;
            Console.WriteLine(high.Count())⟪⟶;⟫
            string best = pans.OrderBy(p => p.Value.Mean()).First()⟪⟶.Key⟫;
            Console.WriteLine(best.⟪length⟶Length⟫);
        }
    }
}
