using System;
using System.Collections.Generic;
using System.Linq;

namespace Harbour.Lights
{
    public enum Signal { Steady, Flash, Dark }

    public interface IWatched
    {
        string Name { get; }
        bool NeedsCare(DateTime now);
    }

    public class Lightship : IWatched
    {
        private readonly List<Signal> log = new List<Signal>();

        public string Name { get; }
        public DateTime LastVisit { get; private set; }

        public Lightship(string name, DateTime lastVisit)
        {
            Name = name;
            LastVisit = lastVisit;
        }

        public void Record(Signal signal)
        {
            log.⟪Push⟶Add⟫(signal);
        }

        ⟪bool⟶public bool⟫ NeedsCare(DateTime now)
        {
            int dark = log.Count(s => s ⟪=⟶==⟫ Signal.Dark);
            return dark > 2 || now - LastVisit > ⟪30⟶TimeSpan.FromDays(30)⟶≡new TimeSpan(30, 0, 0, 0)⟫;
        }

        public Signal Latest()
        {
            if (log.Count == 0)
            {
                return ⟪Dark⟶Signal.Dark⟫;
            }
            return log[log.Count - 1];
        }
    }

    public static class Program
    {
        static void Report(IWatched ship, DateTime now)
        {
            string care = ship.NeedsCare(now) ? "yes" : ⟪'no'⟶"no"⟫;
            Console.WriteLine("{0}: {1}", ship.Name, care);
        }

        public static void Main()
        {
            var ships = new List<Lightship>
            {
                new Lightship("Outer Sand", new DateTime(2021, 3, 4)),
                new Lightship("Gull Rock"⟪⟶, new DateTime(2021, 4, 1)⟶, DateTime.Now⟶, DateTime.Today⟫)
            };
            ships[0].Record(Signal.Dark);
            foreach (⟪string⟶Lightship⟶≡var⟶IWatched⟫ ship in ships)
            {
                Report(ship, DateTime.Now);
            }
        }
    }
}
