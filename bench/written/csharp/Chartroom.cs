using System;
using System.Collections.Generic;
⟪⟶using System.Linq;
⟫
namespace Harbour
{
    enum Scale { Coastal, Approach, Port }

    class Chart
    {
        public string Number { get; set⟪⟶;⟫ }
        public Scale Scale { get; set; }
        private readonly List<string> corrections = new List<string>();

        public void Correct(string note)
        {
            corrections.Add(note)⟪⟶;⟫
        }

        public int Corrections => corrections.⟪Length⟶Count⟫;
    }

    class Chartroom
    {
        private Dictionary<string, Chart> charts = new Dictionary<string⟪⟶, Chart⟫>();

        public void Add(Chart chart)
        {
            charts[chart.Number] = chart;
        }

        public ⟪bool⟶Chart⟫ Find(string number)
        {
            Chart found;
            if (charts.TryGetValue(number, ⟪found⟶out found⟫))
                return found;
            return null;
        }

        public IEnumerable<Chart> Stale(int limit)
        {
            return charts.Values.Where(c ⟪->⟶=>⟫ c.Corrections > limit);
        }
    }

    class Program
    {
        static void Main()
        {
            var room = new Chartroom();
            room.Add(new Chart { Number = "112", Scale = ⟪Port⟶Scale.Port⟫ });
            room.Add(new Chart { Number = ⟪204⟶"204"⟫, Scale = Scale.Coastal });
            room.Find("112").Correct("buoy moved");
            foreach (⟪chart⟶var chart⟶Chart chart⟫ in room.Stale(0))
            {
                Console.⟪Writeline⟶WriteLine⟫(chart.Number + " " + chart.Corrections);
            }
        }
    }
}
