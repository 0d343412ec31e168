using System;
using System.Collections.Generic;⟪⟶
using System.Linq;⟫

namespace Quay
{
    enum Mode { Idle, Lifting, Turning }

    abstract class Machine
    {
        public string Name { get; private set; }
        protected Mode mode = ⟪Idle⟶Mode.Idle⟫;

        protected Machine(string name)
        {
            Name = name;
        }

        public abstract int Load(⟪⟶int ⟫tons);
        public virtual string Report() ⟪->⟶=>⟫ Name + " " + mode;
    }

    class Crane : Machine
    {
        private readonly int limit;

        public Crane(string name, int limit) : ⟪super⟶base⟫(name)
        {
            this.limit = limit;
        }

        public ⟪⟶override ⟫int Load(int tons)
        {
            if (tons > limit)
                throw ⟪⟶new ⟫ArgumentException("too heavy");
            mode = Mode.Lifting;
            return limit - tons⟪⟶;⟫
        }
    }

    class Log
    {
        private List<string> lines = new List<string>();
        public int Count ⟪()⟶⟫ { get { return lines.⟪Length⟶Count⟫; } }

        public void Add(string text)
        {
            lines.Add("[" + Count + "] " + text);
        }

        public IEnumerable<string> Last(int n)
        {
            return lines.Skip(Math.Max(0, lines.Count - n));
        }
    }

    class Program
    {
        static void Main(⟪String args[]⟶string[] args⟶String[] args⟫)
        {
            var log = new Log();
            Machine crane = new ⟪Machine⟶Crane⟫("west", 12);
            foreach (⟪⟶int ⟶var ⟫tons in new[] { 4, 9, 15 })
            {
                try
                {
                    log.Add("left " + crane.Load(tons));
                }
                ⟪except⟶catch⟫ (ArgumentException e)
                {
                    log.Add(e.⟪message⟶Message⟫);
                }
            }
            foreach (var line in log.Last(2))
                Console.⟪Writeline⟶WriteLine⟫(line);
            Console.WriteLine(crane.Report());
        }
    }
}
