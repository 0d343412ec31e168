using System;
using System.Collections.Generic;
using System.Text;

namespace Harbour
{
    public interface IStore
    {
        bool Put(string key, double weight);
        double Total { get; }
    }

    public class Locker : IStore
    {
        private readonly Dictionary<string, double> things = new Dictionary<string, double>⟪;⟶();⟫
        private readonly double limit;

        public Locker(double limit)
        {
            this.limit = limit;
        }

        public bool Put(string key, double weight)
        {
            if (Total + weight > limit) return false;
            things⟪.put(key, weight)⟶.Add(key, weight)⟫;
            return true;
        }

        ⟪⟶public ⟫double Total
        {
            get
            {
                double sum = 0;
                foreach (var pair in things)
                    sum += pair.⟪value⟶Value⟫;
                return sum;
            }
        }

        public override string ⟪toString⟶ToString⟫()
        {
            var text = new StringBuilder();
            foreach (var pair in things)
            {
                text.Append(pair.Key).Append(⟪', '⟶", "⟫);
            }
            return text.ToString();
        }
    }

    public static class Program
    {
        public static void Main()
        {
            IStore store = new Locker(20⟪⟶)⟫;
            Console.WriteLine(store.Put("rope", 8));
            Console.WriteLine(store.Put("anchor", 15.5));
            ⟪int⟶double⟫ total = store.Total;
            Console.⟪Writeline⟶WriteLine⟫("{0}: {1}", store, total);
        }
    }
}
