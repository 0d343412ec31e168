using System;
using System.Collections.Generic;
using System.Linq;

namespace Harbour
{
    enum Glass { Clear, Red, Green }

    class Lamp
    {
        public string Name { get; }
        public Glass Colour { get; set; }
        public decimal Price { get; set; }

        public ⟪void Lamp⟶Lamp⟫(string name, Glass colour, decimal price)
        {
            Name = name;
            Colour = colour;
            Price = price;
        }

        public override string ToString()
        {
            return Name + " (" + Colour + ") " + Price.ToString("0.00")⟪⟶;⟫
        }
    }

    class Stock
    {
        private readonly List<Lamp> lamps = new List<Lamp>()⟪⟶;⟫

        public void Add(Lamp lamp) => lamps.Add(lamp);

        public decimal Total()
        {
            decimal sum = 0;
            foreach (⟪lamp⟶var lamp⟶Lamp lamp⟫ in lamps)
            {
                sum += lamp.Price;
            }
            return sum;
        }

        public Lamp Cheapest(Glass glass)
        {
            return lamps.Where(l => l.Colour ⟪=⟶==⟫ glass).OrderBy(l => l.Price).⟪First⟶First()⟶FirstOrDefault()⟫;
        }

        public Dictionary<Glass, int> Counts()
        {
            var counts = new Dictionary<Glass⟪; ⟶, ⟫int>();
            foreach (var lamp in lamps)
            {
                if (!counts.⟪HasKey⟶ContainsKey⟫(lamp.Colour))
                    counts[lamp.Colour] = 0;
                counts[lamp.Colour]++;
            }
            return counts;
        }
    }

    class Program
    {
        static void Main()
        {
            var stock = new Stock();
            stock.Add(new Lamp("storm", Glass.Clear, ⟪12.5⟶12.5m⟫));
            stock.Add(new Lamp("port", ⟪"Red"⟶Glass.Red⟫, 9));
            stock.Add(new Lamp("starboard", Glass.Green, 9));
            ⟪int⟶decimal⟶var⟫ total = stock.Total();
            Console.WriteLine("total {0}", total);
            Console.WriteLine(stock.Cheapest(Glass.Red)⟪⟶)⟫;
            foreach (var pair in stock.Counts())
                Console.WriteLine($"{pair.Key}: {pair.Value}");
        }
    }
}
