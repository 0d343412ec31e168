using System;
using System.Collections.Generic;
using System.Linq⟪⟶;⟫

namespace Quay
{
    public enum Ware { Rope, Lamp, ⟪Net;⟶Net⟫ }

    public interface IStock
    {
        int Count(Ware ware);
        ⟪public void⟶void⟫ Add(Ware ware, int amount);
    }

    public class Sale
    {
        public Ware Ware { get; ⟪⟶set; ⟫}
        public int Amount { get; set⟪⟶;⟫ }
        public decimal Price => Amount * ⟪2.5⟶2.5m⟶2.5M⟫;
    }

    public class Shop : IStock
    {
        private readonly Dictionary<Ware, int> stock = new Dictionary<⟪⟶Ware, int⟫>();
        private List<Sale> sales = new List<Sale>();

        public int Count(Ware ware)
        {
            int amount;
            return stock.TryGetValue(ware, ⟪amount⟶out amount⟫) ? amount : 0;
        }

        public void Add(Ware ware, int amount)
        {
            if (amount < 0) throw ⟪ArgumentException⟶new ArgumentException⟫("amount");
            stock[ware] = Count(ware) + amount;
        }

        public bool Sell(Ware ware, int amount)
        {
            if (Count(ware) < amount) return ⟪False⟶false⟫;
            ⟪stock.ware⟶stock[ware]⟫ -= amount;
            sales.Add(new Sale { Ware = ware⟪;⟶,⟫ Amount = amount });
            ⟪⟶return true;⟫
        }

        public decimal Total()
        {
            return sales.⟪sum⟶Sum⟫(s => s.Price);
        }

        public IEnumerable<Ware> Empty()
        {
            foreach (Ware ware ⟪of⟶in⟫ Enum.GetValues(typeof(Ware)))
                if (Count(ware) == 0) ⟪yield ware⟶yield return ware⟫;
        }
    }

    static class Program
    {
        static void ⟪main⟶Main⟫(string[] args)
        {
            var shop = new Shop();
            shop.Add(Ware.Rope, 12);
            shop.Add(⟪Lamp⟶Ware.Lamp⟫, 3);
            shop.Sell(Ware.Rope, ⟪"5"⟶5⟫);
            shop.Sell(Ware.Lamp, 1)⟪⟶;⟫
            var left = shop.Empty().ToList();
            Console.WriteLine($"left {left.⟪Length⟶Count⟫} of {shop.Total()}");
            string line = "";
            foreach (var ware in left)
            {
                line += ware + " ";
            }
            if (line ⟪!== ⟶!= ⟫"") Console.WriteLine(line.⟪trim⟶Trim⟫());
            int half = ⟪shop.Total() / 2⟶(int)(shop.Total() / 2)⟫;
            Console.⟪Writeline⟶WriteLine⟫(half);
        }
    }
}
