type Shift = { who: string; start: number; end: number };

class Rota {
  private shifts: Shift[];

  constructor() {
    ⟪shifts⟶this.shifts⟫ = [];
  }

  add(who: string, start: number, end: number): this {
    this.shifts.push({ who, start, end });
    return this;
  }

  hours(who: string): number {
    return this.shifts
      .filter((s) => s.who === who)
      .reduce((sum, s) => sum + (s.end - s.start), 0);
  }

  get people(): Set<string> {
    return new Set(this.shifts.map((s) => s.who));
  }
}

const rota = new Rota();
rota.add("Berg", 6, 14).add("Lund", 14, ⟪"22"⟶22⟫);
rota.add("Holm", 22⟪⟶, 24⟫);

for (const who of rota.people⟪()⟶⟫) {
  console.log(who + ": " + rota.hours(who));
}

function longest(shifts: Shift[]): Shift | undefined {
  let best: Shift | undefined;
  for (const s of shifts) {
    if (!best || s.end - s.start > best.end - best.start⟪⟶)⟫ {
      best = s;
    }
  }
  return best;
}

const found = longest([{ who: "Berg", start: 6, end: 14 }]);
if (found !== undefined) {
  console.log(found.who);
}
