using System;
using System.Collections.Generic;

interface IStock
{
    int Count { get; }
    void Restock(int amount);
}

abstract class Goods : IStock
{
    protected int count;
    public string Label { get; }
    public int Count { get { return count⟪⟶;⟫ } }

    protected Goods(string label) { Label = label; }

    public void Restock(int amount)
    {
        if (amount < 0)
            throw new ⟪ArgumentExeption⟶ArgumentException⟫("amount");
        count += amount;
    }

    public abstract decimal Price();
}

class Rope ⟪extends⟶:⟫ Goods
{
    private ⟪final⟶readonly⟫ double metres;

    public Rope(string label, double metres) ⟪⟶: base(label)⟫
    {
        this.metres = metres;
    }

    public ⟪⟶override ⟫decimal Price()
    {
        return ⟪metres * 0.75⟶(decimal)(metres * 0.75)⟶(decimal)metres * 0.75m⟫;
    }
}

class Hook : Goods
{
    public Hook() : base("hook") { }
    public override decimal Price() { return ⟪2.5⟶2.5m⟫; }
}

class Program
{
    static decimal Value(List<Goods> goods)
    {
        decimal sum = 0;
        foreach (⟪item⟶var item⟶Goods item⟫ in goods)
        {
            sum += item.Price() * item.⟪Count()⟶Count⟫;
        }
        return sum;
    }

    static bool TryFind(List<Goods> goods, string label, out Goods found)
    {
        found = goods.Find(g ⟪->⟶=>⟫ g.Label == label);
        return found != ⟪nil⟶null⟫;
    }

    static void Main()
    {
        var goods = new List<Goods> { new Rope("rope", 40⟪⟶)⟫, new Hook() };
        goods[0].Restock(3);
        goods[1].Restock(⟪"12"⟶12⟫);
        Console.WriteLine("Value: {0:F2}"⟪⟶,⟫ Value(goods));
        Goods found;
        if (TryFind(goods, "hook", ⟪found⟶out found⟫))
        {
            ⟪found.count = 5;⟶found.Restock(5);⟫
            Console.WriteLine(found.Label)⟪⟶;⟫
        }
    }
}
