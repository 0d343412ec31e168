using System;
using System.Collections.Generic;

delegate void Warning(string text);

class Store
{
    private Dictionary<string, int> stock = new Dictionary<string, int>();
    public event Warning Low;

    public int this[string item] { get { return stock.ContainsKey(item) ? stock[item] : 0⟪⟶;⟫ } }

    public void Put(string item, int count)
    {
        if (stock.TryGetValue(item, ⟪old⟶out int old⟶out var old⟫))
            stock[item] = old + count;
        else
            stock.Add(item⟪:⟶,⟫ count);
    }

    public ⟪boolean⟶bool⟫ Take(string item, int count = 1)
    {
        int have = this[item];
        if (have < count) return false;
        stock[item] = have - count;
        if (stock[item] < 3 && Low != null)
        {
            Low(⟪$"only {stock[item]} of {item} left⟶$"only {stock[item]} of {item} left"⟫);
        }
        return ⟪TRUE⟶true⟫;
    }
}

static class Extensions
{
    public static string Shout(⟪string text⟶this string text⟫) { return text.ToUpper() + "!"; }
}

class Quartermaster
{
    static void Main(string[] args)
    {
        Store store = new Store();
        store.Low ⟪+⟶+=⟫ text => Console.WriteLine(text.Shout());
        store.Put("rope", 5);
        store.Put("lamp", ⟪"4"⟶4⟫);
        bool ok = store.Take("rope", 3);
        Console.WriteLine(ok ? "taken" ⟪⟶: "not taken"⟫);
        for (int i = 0; i < 3; i++⟪;⟶⟫)
        {
            store.Take("lamp");
        }
        string[] items = ⟪["rope", "lamp"]⟶{ "rope", "lamp" }⟶new[] { "rope", "lamp" }⟶new string[] { "rope", "lamp" }⟫;
        foreach (string item in items)
        {
            Console.WriteLine("{0}: {1}", item, store⟪(item)⟶[item]⟫);
        }
    ⟪⟶}⟫
}
