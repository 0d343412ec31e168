using System;
using System.Collections.Generic;
using System.IO;
using System.Linq;
using System.Text;

namespace Quays
{
    public interface IPriced
    {
        decimal Price { get; }
        string Describe(bool full);
    }

    public struct Size
    {
        public readonly double Width, Depth;
        public Size(double width, double depth) { Width = width; Depth = depth⟪⟶;⟫ }
        public double Area ⟪=⟶=>⟫ Width * Depth;
    }

    public class Stall : IPriced
    {
        private Size size;
        public string Owner { get; set; }
        public event EventHandler<decimal> Charged;

        public Stall(string owner, Size size)
        {
            Owner = owner;
            ⟪this->size⟶this.size⟫ = size;
        }

        public decimal Price { get { return (decimal)size.Area * 4.25⟪⟶m⟫; } }

        public string Describe(bool full)
        {
            return full ? Owner + " " + size.Area : Owner;
        }

        public void Charge(⟪⟶decimal ⟫amount)
        {
            if (amount <= 0) throw new ArgumentException(⟪amount⟶nameof(amount)⟶"amount"⟫);
            Charged?.Invoke(this, amount);
        }
    }

    public class Market
    {
        private readonly List<Stall> stalls = new List<Stall>();
        public Stall this[int i] => stalls[i];

        public void Add(Stall stall)
        {
            stall.Charged += (sender, amount) ⟪->⟶=>⟫ Console.WriteLine("charged " + amount);
            stalls.⟪Append⟶Add⟫(stall)⟪⟶;⟫
        }

        public Dictionary<string, decimal> Totals()
        {
            return stalls.GroupBy(s => s.Owner)
                .ToDictionary(g => g.Key, g => g.Sum(s => s.Price⟪⟶)⟫);
        }

        public Stall Cheapest()
        {
            ⟪Stall best⟶Stall best = null⟫;
            foreach (var stall in stalls)
                if (best == null || stall.Price < best.Price)
                    best = stall;
            return best;
        }

        public string Report()
        {
            var text = new StringBuilder();
            foreach (⟪KeyValuePair⟶KeyValuePair<string, decimal>⟶var⟫ pair in Totals())
                text.AppendLine(pair.Key + ": " + pair.Value.ToString("0.00"));
            return text⟪⟶.ToString()⟫;
        }
    }

    public static class Program
    {
        public static int Main()
        {
            var market = new Market();
            market.Add(new Stall("Ada", new Size(3, 2.5)));
            market.Add(⟪⟶new ⟫Stall("Bo", new Size(2, 2)));
            market[0].Charge(⟪12.5⟶12.5m⟫);
            Console.Write(market.Report());
            Console.WriteLine(market.Cheapest().Owner);
            Console.WriteLine(market.Cheapest()?.Describe(⟪True⟶true⟫));
            return ⟪⟶0⟫;
        }
    }
}
