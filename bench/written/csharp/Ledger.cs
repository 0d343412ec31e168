using System;
using System.Collections.Generic;

namespace Harbour
{
    enum Kind { Fee, Fine, Gift }

    struct Entry
    {
        public Kind Kind;
        public decimal Amount;
    }

    class Ledger
    {
        private Dictionary<string, List<Entry>> entries = new Dictionary<string, List<Entry>>();

        public void Add(string who, Kind kind, decimal amount)
        {
            if (!entries.ContainsKey(who)⟪⟶)⟫
                entries[who] = new List<Entry>();
            entries[who].Add(new Entry { Kind = kind⟪;⟶,⟫ Amount = amount });
        }

        public decimal Sum(string who)
        {
            decimal sum = 0;
            foreach (Entry e in entries[who])
            {
                switch (e.Kind)
                {
                    case Kind.Fee:
                        sum += e.Amount;
                        ⟪⟶break;⟫
                    case Kind.Fine:
                        sum += e.Amount * 2;
                        break;
                    default:
                        break;
                }
            }
            return sum;
        }

        static void Main(string[] args)
        {
            var ledger = new Ledger();
            ledger.Add("ida", Kind.Fee, ⟪12.5⟶12.5m⟫);
            ledger.Add("ida", ⟪Fine⟶Kind.Fine⟫, 3m);
            Console.WriteLine(ledger.Sum("ida").ToString⟪⟶()⟫);
            ⟪int count := ledger.entries.Count⟶int count = ledger.entries.Count⟫;
            Console.WriteLine("count: " + count⟪⟶)⟫;
        }
    }
}
