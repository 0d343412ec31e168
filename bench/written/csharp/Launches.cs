using System;
using System.Collections.Generic;
using System.Linq;

namespace Harbour
{
    interface ITimed
    {
        TimeSpan Length { get; }
        string Label();
    }

    class Launch : ITimed
    {
        public string Pilot { get; set; }
        public int Minutes { get; private set; }

        public Launch(string pilot, int minutes)
        {
            Pilot = pilot;
            Minutes = minutes;
        }

        public TimeSpan Length ⟪=⟶=>⟫ TimeSpan.FromMinutes(Minutes);

        ⟪string Label()⟶public string Label()⟫
        {
            return $"{Pilot} ({Minutes} min)";
        }
    }

    static class Program
    {
        static List<Launch> launches = new List<Launch>⟪⟶()⟫;

        static Launch Longest()
        {
            Launch best = null;
            foreach (⟪launch⟶var launch⟶≡Launch launch⟫ in launches)
            {
                if (best == null || launch.Minutes > best.Minutes)
                    best = launch;
            }
            return best⟪⟶;⟫
        }

        static double Mean()
        {
            if (launches.Count == 0) return 0;
            int sum = launches.Sum(l => l.Minutes);
            return sum / (double)launches.⟪Length⟶Count⟫;
        }

        static void Main(string[] args)
        {
            launches.Add(new Launch("Ole", 35));
            launches.Add(⟪Launch("Inga", 50)⟶new Launch("Inga", 50)⟫);
            Launch longest = Longest();
            ⟪longest.Minutes = 55;
            ⟶⟫Console.WriteLine(longest.Label());
            int mean = ⟪Mean()⟶(int)Mean()⟶Convert.ToInt32(Mean())⟶(int)Math.Round(Mean())⟫;
            Console.WriteLine("mean " + mean);
            foreach (var group in launches.GroupBy(l ⟪->⟶=>⟫ l.Minutes / 30))
                Console.WriteLine(group.Key + ": " + group.Count());
        }
    }
}
