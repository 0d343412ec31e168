type Pattern = { on: number; off: number };

const patterns: Record<string, Pattern> = {
  fixed: { on: 1, off: 0 },
  quick: { on: 0.5, off: 0.5 ⟪]⟶}⟫,
  slow: { on: 2, off: 3 },
};

function period(name: string): number {
  const p = patterns[name];
  if (p == undefined) throw new Error("unknown " + name);
  return p.on + p.off;
}

function* ticks(name: string, count: number) {
  for (let i = 0; i < count; i++) {
    yield i * period(name)⟪,⟶;⟫
  }
}

class Lantern {
  lit = false;
  constructor(public name: string, private pattern: Pattern) {}

  ⟪function ⟶⟫toggle() {
    this.lit = !this.lit;
  }

  describe(): string {
    return this.name + (this.lit ? " lit" ⟪, ⟶: ⟫" dark");
  }
}

const lantern = new Lantern("mole", patterns.quick);
lantern.toggle();
console.log(lantern.⟪describe⟶describe()⟫.toUpperCase());
for (const t ⟪in⟶of⟫ ticks("slow", 3)) {
  console.log(t.toFixed(1));
}
const times⟪: number⟶: number[]⟫ = [...ticks("quick", 4)];
console.log(times.⟪lenght⟶length⟫);
