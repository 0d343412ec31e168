using System;
using System.Collections.Generic;
⟪using System.linq;⟶using System.Linq;⟫

namespace Ferry
{
    public interface IPriced
    {
        decimal Price(int zones)⟪⟶;⟫
    }

    public class Single : IPriced
    {
        private readonly decimal perZone;
        public Single(decimal perZone) { this.perZone = perZone; }
        public decimal Price(int zones) => perZone * zones;
    }

    public class Day ⟪extends⟶:⟫ IPriced
    {
        public decimal Price(int zones)
        {
            if (zones > 2)
                return ⟪9.5⟶9.5m⟶≡9.5M⟫;
            return 6m;
        }
    }

    public static class Wharf
    {
        public static void Main()
        {
            var tickets = new List<IPriced> { new Single(2.2m), ⟪Day()⟶new Day()⟫ };
            foreach (var t ⟪of⟶in⟫ tickets)
            {
                Console.WriteLine($"{t.Price(3):F2}"⟪⟶)⟫;
            }
            decimal cheapest = tickets.Min(t => t.Price(2));
            Console.⟪PrintLine⟶WriteLine⟫(cheapest);
            string name = "quay";
            Console.WriteLine(name.⟪Length()⟶Length⟫);
        }
    }
}
