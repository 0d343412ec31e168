using System;
using System.Collections.Generic;
using System.Linq;
using System.Text;

namespace Station
{
    public interface IPump
    {
        int Id { get; }
        double Flow(double head);
    }

    public class Centrifugal : IPump
    {
        public int Id { get; private set; }
        private readonly double curve;

        public Centrifugal(int id, double curve)
        {
            Id = id;
            this.curve = curve;
        }

        public double Flow(double head) => curve / Math.⟪sqrt⟶Sqrt⟫(head);
    }

    public class Piston : IPump
    {
        public int Id { get; set; }
        public double Flow(double head) { ⟪⟶return ⟫3.5 * head; }
    }

    public class Log
    {
        private StringBuilder text = new ⟪StringBuilder⟶StringBuilder()⟫;
        public int Lines { get; private set; }

        public void Write(string line)
        {
            text.AppendLine(line)⟪⟶;⟫
            Lines++;
        }

        public string Text { get { return ⟪text⟶text.ToString()⟫; } }
    }

    public static class Program
    {
        static double Best(List<IPump> pumps, double head, out int id)
        {
            double best = 0;
            id = 0;
            foreach (IPump p in pumps)
            {
                if (p.Flow(head) > best)
                {
                    best = p.Flow(head);
                    id = p.Id;
                }
            }
            return best;
        }

        public static void Main()
        {
            var pumps = new List<IPump> { new Centrifugal(1, 40), new Piston { Id = 2 ⟪)⟶}⟫ };
            var log = new Log();
            int id;
            double flow = Best(pumps, ⟪"2.0"⟶2.0⟫, out id);
            log.Write($"pump {id}: {flow:0.0}");
            string[] names = { "bow", "stern", ⟪'aft'⟶"aft"⟫ };
            for (int i = 0; i < names.⟪Count⟶Length⟶Count()⟫; i++)
                log.Write(names[i]);
            if (log.Lines ⟪=> ⟶>= ⟫3)
                Console.WriteLine(log.Text);
            Console.WriteLine(pumps.Sum(p => p.Flow(1.5)));
        }
    }
}
