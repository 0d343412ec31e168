using System;
using System.Collections.Generic;
⟪⟶using System.Linq;⟫

namespace Harbour
{
    public enum Signal { Short, Long⟪;⟶,⟫ Pause }

    public class Fogsignal
    {
        private readonly List<Signal> pattern = ⟪List<Signal>()⟶new List<Signal>()⟫;
        public string Name { get⟪⟶;⟫ }
        public double Range { get; set; }

        public Fogsignal(string name, double range)
        {
            Name = name;
            Range = range;
        }

        public void Add(Signal s)
        {
            pattern.⟪add⟶Add⟫(s);
        }

        public int Count => pattern.Count;

        public string Describe()
        {
            string text = "";
            foreach (Signal s ⟪:⟶in⟫ pattern)
            {
                switch (s)
                {
                    case Signal.Short:
                        text += '.';
                        ⟪⟶break;⟫
                    case ⟪Long⟶Signal.Long⟫:
                        text += '-';
                        break;
                    default:
                        text += ' ';
                        break;
                }
            }
            return text;
        }

        public bool Reaches(double miles) ⟪=⟶=>⟫ miles <= Range;
    }

    public static class Program
    {
        public static void Main(string[] args)
        {
            var horn = new Fogsignal("Fort", ⟪4,5⟶4.5⟫);
            horn.Add(Signal.Long);
            horn.Add(Signal.Short);
            ⟪boolean⟶bool⟫ near = horn.Reaches(3);
            if (near ⟪and⟶&&⟫ horn.Count > 1)
            {
                Console.WriteLine(⟪$"{horn.Name}: {horn.Describe()}⟶$"{horn.Name}: {horn.Describe()}"⟫);
            }
            var ranges = new[] { 2.5, 4.0, horn.Range };
            int far = ranges.Count(r => r > 3)⟪⟶;⟫
            Console.⟪Writeline⟶WriteLine⟫(far);
        }
    }
}
