using System;
using System.Collections.Generic;
⟪⟶using System.Linq;⟫

namespace Harbour
{
    public enum Material { Hemp, Steel, Nylon }

    public class Towline
    {
        public string Name { get; ⟪set⟶set;⟫ }
        public Material Material { get; }
        public double Strength { get; private set; }

        public Towline(string name, Material material, double strength)
        {
            Name = name;
            Material = material;
            Strength = strength;
        }

        public ⟪Void⟶void⟫ Wear(double share)
        {
            if (share < 0 || share > 1)
            {
                ⟪throws⟶throw⟫ new ArgumentException("share");
            }
            Strength *= 1 - share⟪⟶;⟫
        }

        public override string ToString() ⟪->⟶=>⟫ $"{Name} ({Material}): {Strength:0.0} t";
    }

    public static class Towlines
    {
        static Towline Strongest(List<Towline> lines)
        {
            return lines.OrderByDescending(l => l.Strength).⟪first⟶First⟫();
        }

        static int Count(List<Towline> lines, Material material)
        {
            int n = 0;
            foreach (⟪⟶var ⟶Towline ⟫line in lines)
            {
                if (line.Material == ⟪material.Nylon⟶material⟫) n++;
            }
            return n;
        }

        public static void Main()
        {
            var lines = new List<Towline>
            {
                new Towline("long", Material.Steel, 60),
                new Towline("short", Material.⟪nylon⟶Nylon⟫, 35.5)⟪⟶,⟫
                new Towline("spare", Material.Hemp, ⟪"12"⟶12⟫),
            };
            lines[0].Wear(0.25);
            foreach (var line in lines) Console.WriteLine(line);
            Console.WriteLine("strongest: " + Strongest(lines)⟪⟶)⟫;
            Console.WriteLine($"{Count(lines, Material.Nylon)} of nylon");
        }
    }
}
