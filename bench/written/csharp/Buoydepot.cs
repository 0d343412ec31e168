using System;
using System.Collections.Generic;
using System.Linq;

namespace Depots
{
    public enum State { Stored, Deployed, Lost }

    public abstract class Item
    {
        public string Code { get; }
        public State State { get; private set; } = State.Stored;

        protected Item(string code) { Code = code; }

        public abstract decimal Value(⟪⟶)⟫;

        public void Deploy()
        {
            if (State != State.Stored)
                throw ⟪⟶new ⟫InvalidOperationException($"{Code} is not stored");
            State = State.Deployed;
        }
    }

    public class Buoy : Item
    {
        private readonly double diameter;

        public Buoy(string code, double diameter) : ⟪super⟶base⟫(code)
        {
            this.diameter = diameter;
        }

        public override decimal Value() => ⟪diameter⟶(decimal)diameter⟫ * 120.5m;
    }

    public class Chain : Item
    {
        public int Links ⟪get; set;⟶{ get; set; }⟫

        public Chain(string code, int links) : base(code) { Links = links; }

        ⟪public decimal⟶public override decimal⟫ Value() { return Links * 0.75m; }
    }

    public class Depot
    {
        private readonly Dictionary<string, Item> items = new⟪⟶ Dictionary<string, Item>⟫();

        public void Add(Item item)
        {
            if (items.⟪containsKey⟶ContainsKey⟫(item.Code)) return;
            items.Add(item.Code⟪⟶, item⟫);
        }

        public Item Find(string code)
        {
            Item item;
            return items.TryGetValue(code, ⟪item⟶out item⟫) ? item ⟪;⟶:⟫ null;
        }

        public decimal Total()
        {
            decimal sum = 0⟪.0⟶⟶.0m⟶m⟫;
            foreach (Item item ⟪of⟶in⟫ items.Values)
            {
                sum += item.Value();
            }
            return sum;
        }

        public IEnumerable<string> Codes(State state)
        {
            return items.Values.Where(i => i.State == ⟪"Stored"⟶state⟶State.Stored⟫).Select(i => i.Code);
        }
    }

    public static class Program
    {
        public static void Main(string[] args)
        {
            var depot = new Depot();
            depot.Add(new Buoy("B-1", 2.4));
            depot.Add(new Buoy("B-2"⟪⟶, 1.5⟶, 2⟶, 0⟶, 2.4⟫));
            depot.Add(new Chain("C-1", 240));
            depot.Find("B-1").Deploy⟪⟶()⟫;
            string codes = ⟪depot.Codes(State.Stored)⟶string.Join(", ", depot.Codes(State.Stored))⟫;
            Console.WriteLine(⟪f⟶$⟫"stored: {codes}");
            Console.WriteLine("total {0:0.00}", depot.⟪Total⟶Total()⟫);
            int links = ⟪⟶((Chain)⟫depot.Find("C-1")⟪⟶)⟫.Links;
            Console.WriteLine(links);
        }
    }
}
