interface Sailor {
  name: string;
  rank: "deck" | "engine" | "bridge";
  hours: number[];
  mate?: Sailor;
}

type Totals = Record<string, number>;

class Crew {
  private sailors: Sailor[] = [];
  ⟪const ⟶readonly ⟶⟫limit = 60;

  add(sailor: Sailor): void {
    this.sailors.⟪append⟶push⟫(sailor);
  }

  totals(): Totals {
    const out: Totals = {};
    for (const s ⟪in⟶of⟫ this.sailors) {
      out[s.name] = s.hours.reduce((a, b) => a + b, 0);
    }
    return out;
  }

  tired(): string⟪⟶[]⟫ {
    return this.sailors
      .filter((s) => this.sum(s) > ⟪⟶this.⟫limit)
      .map((s) => s.name);
  }

  private sum(s: Sailor): number {
    let sum = 0;
    for (let i = 0; i < s.hours.length⟪,⟶;⟫ i++) {
      sum += s.hours[i];
    }
    return sum;
  }
}

const crew = new Crew();
crew.add({ name: "Ida", rank: "deck", hours: [20, 25, 30] });
crew.add({ name: "Jon", rank: ⟪"captain"⟶"bridge"⟶"deck"⟶"engine"⟫, hours: [10, 12] });
crew.add({ name: "Kai", rank: "engine", hours: ⟪"8"⟶[8]⟫ });

const totals = crew.totals();
for (const name of Object.keys(totals)) {
  console.log(`${name}: ${totals⟪(name)⟶[name]⟫}`);
}
const first: string = crew.tired()⟪.[0]⟶[0]⟫;
if (first) {
  console.log("tired: " + first⟪⟶)⟫;
}
