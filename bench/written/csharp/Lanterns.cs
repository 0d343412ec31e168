using System;
using System.Collections.Generic;

namespace Harbour
{
    interface ILamp
    {
        string Name { get; }
        bool Lit { get; set; }
        double Burn(double hours);
    }

    abstract class Lamp : ILamp
    {
        public string Name { get; }
        public bool Lit { get; set; }
        protected double Oil;

        protected Lamp(string name, double oil)
        {
            Name = name;
            Oil = oil;
        }

        public abstract double Burn(double hours);
    }

    class Lantern : Lamp
    {
        public Lantern(string name) : ⟪super⟶base⟫(name, 2.5) { }

        public ⟪⟶override ⟫double Burn(double hours)
        {
            double used = hours * 0.2;
            Oil -= used;
            if (Oil ⟪=<⟶<=⟫ 0) Lit = false;
            return used;
        }
    }

    class Beacon : Lamp
    {
        readonly int mirrors;

        public Beacon(string name, int mirrors) : base(name, ⟪10,0⟶10.0⟶10⟫)
        {
            this.mirrors = mirrors;
        }

        public override double Burn(double hours)
        {
            double used = hours * 0.1 * mirrors;
            Oil -= used;
            return used⟪⟶;⟫
        }
    }

    static class Program
    {
        static ⟪bool⟶double⟫ Night(IEnumerable<ILamp> lamps, double hours)
        {
            double sum = 0;
            foreach (var lamp ⟪of⟶in⟫ lamps)
            {
                lamp.Lit = true;
                sum += lamp.⟪burn⟶Burn⟫(hours);
            }
            return sum;
        }

        static void Main()
        {
            var lamps = new List<ILamp> { new Lantern("pier"), new Beacon("mole", 3) };
            double used = Night(lamps⟪⟶, 8⟫);
            Console.WriteLine("used {0:0.00}", used);
            foreach (var lamp in lamps)
            {
                string state = lamp.Lit ? "lit" ⟪; ⟶: ⟫"dark";
                Console.WriteLine($"{lamp.Name} {state}");
            }
        ⟪⟶}⟫
    }
}
