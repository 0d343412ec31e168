using System;
⟪⟶using System.Collections.Generic;
⟫
class Item
{
    public string Name { get; set; }
    public decimal Price { get; }
    public int Stock;

    public Item(string name, decimal price)
    {
        Name = name⟪⟶;⟫
        Price = price;
    }

    public ⟪bool⟶void⟫ Sell(int count)
    {
        if (count > Stock) throw ⟪⟶new ⟫InvalidOperationException("too few");
        Stock -= count;
    }
}

class Chandler
{
    List<Item> items = new List<Item>();

    public Item Find(string name)
    {
        foreach (⟪⟶var ⟶Item ⟫item in items)
        {
            if (item.Name ⟪=⟶==⟫ name) return item;
        }
        return ⟪nil⟶null⟫;
    }

    public void Add(Item item) => items.⟪add⟶Add⟫(item);

    static void Main()
    {
        var shop = new Chandler();
        shop.Add(new Item("rope", ⟪4.5⟶4.5m⟫));
        var rope = shop.Find("rope");
        rope.Stock = 10;
        rope.Sell(⟪"3"⟶3⟫);
        Console.WriteLine(⟪$"{rope.Name} {rope.Stock"⟶$"{rope.Name} {rope.Stock}"⟫);
        Console.⟪Writeline⟶WriteLine⟫(rope.Price * 2);
    }
}
