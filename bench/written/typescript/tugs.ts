class Tug {
  name: string;
  power: number;
  constructor(name: string, power: number) {
    this.name = name;
    ⟪power = power⟶this.power = power⟫;
  }
  pull(tons: number): boolean {
    return this.power * 10 >= ⟪ton⟶tons⟫;
  }
}

const tugs: Map<string, Tug> = new Map();

function register(t: Tug) {
  if (tugs.has(t.name)⟪⟶)⟫ throw new Error("twice");
  tugs.set(t.name, t);
}

register(new Tug("brisk", 40));
register(new Tug("bold"⟪ ⟶, ⟫55));

⟪func⟶function⟫ strongest(): Tug | undefined {
  let best: Tug | undefined;
  tugs.forEach(t => {
    if (best === undefined || t.power > best.power⟪ ⟶) ⟫{
      best = t;
    }
  });
  return best;
}

const names: string[] = Array.from(tugs.⟪key⟶keys⟫());
console.log(names.join(", "), strongest()?.name);
