interface Shift {
  mate: string;
  from: number;
  to: number;
  night?: boolean;
}

type Totals = Record<string, number>;

class Plan {
  private shifts: Shift[] = [];

  add(shift: Shift)⟪ -> ⟶: ⟫void {
    if (shift.from > shift.to) {
      throw new Error("turned round");
    }
    ⟪shifts⟶this.shifts⟫.push(shift);
  }

  totals(): Totals {
    const totals: Totals = {};
    for (const s ⟪in⟶of⟫ this.shifts) {
      totals[s.mate] = (totals[s.mate] ?? 0) + s.to - s.from;
    }
    return totals;
  }

  longest(): Shift | undefined {
    let best: Shift | undefined = undefined;
    for (const s of this.shifts) {
      if (best === undefined || s.to - s.from > best.to - best.from) best = s;
    }
    return best;
  }

  nights(): ⟪int⟶number⟫ {
    return this.shifts.filter(s => s.⟪nigth⟶night⟫).⟪length()⟶length⟫;
  }
}

const plan = new Plan();
plan.add({ mate: "Ola", from: 6, to: ⟪"14"⟶14⟫ });
plan.add({ mate: "Siv", from: 14, to: 22, night: ⟪True⟶true⟫ });
const longest = plan.longest();
console.log(⟪longest.mate⟶longest?.mate⟶longest!.mate⟫, plan.nights());
for (const [mate, hours] of Object.entries(plan.totals())⟪⟶)⟫ {
  console.log(`${mate}: ${hours}`);
}
