using System;
using System.Collections.Generic;
using System.IO;

abstract class Member
{
    public string Name;
    protected int joined;

    public Member(string name, int joined)
    {
        this.Name = name;
        this.joined = joined;
    }

    public abstract decimal Dues(int year)⟪ { }⟶;⟫
}

class Sailor : Member
{
    public Sailor(string name, int joined) : ⟪super⟶base⟫(name, joined) { }

    public ⟪⟶override ⟫decimal Dues(int year)
    {
        if (year - joined > 10)
        {
            return ⟪80.5⟶80.5m⟶80.5M⟫;
        }
        return 120m;
    }
}

class Rower ⟪extends⟶:⟫ Member
{
    public Rower(string name) : base(name⟪⟶, 2020⟫) { }

    public override decimal Dues(int year)
    {
        return 45;
    }
}

class Club
{
    Dictionary<string, Member> members = new Dictionary<string, Member>();

    public void Join(Member m)
    {
        if (members.⟪Contains⟶ContainsKey⟫(m.Name))
            ⟪raise⟶throw⟫ new InvalidOperationException(m.Name + " is a member");
        members[m.Name] = m;
    }

    public decimal Total(int year)
    {
        decimal total = 0;
        foreach (var m in members⟪⟶.Values⟫)
        {
            total += m.Dues(year);
        }
        return total;
    }

    public void Save(string path)
    {
        using (var file = new StreamWriter(path)⟪⟶)⟫
        {
            foreach (KeyValuePair<string, Member> pair in members)
            {
                file.WriteLine(⟪"{0} {1}" % (pair.Key, pair.Value.Dues(2026))⟶"{0} {1}", pair.Key, pair.Value.Dues(2026)⟫);
            }
        }
    }
}

class Yachtclub
{
    static void Main()
    {
        var club = new Club();
        club.Join(new Sailor("Ada", 2009));
        ⟪Sailor bo = new Rower("Bo")⟶Rower bo = new Rower("Bo")⟶var bo = new Rower("Bo")⟶Member bo = new Rower("Bo")⟫;
        club.Join(bo);
        ⟪int⟶decimal⟶var⟫ total = club.Total(2026);
        Console.WriteLine("total: " + total);
        string first = ⟪bo.Name(0)⟶bo.Name.Substring(0, 1)⟶bo.Name[0].ToString()⟫;
        Console.WriteLine(first);
        club.Save("dues.txt");
    }
}
