enum Wind { Calm, Breeze, Gale }

interface Reading {
  station: string;
  knots: number;
  at: Date;
}

abstract class Station {
  protected readings: Reading[] = [];

  constructor(public readonly name: string⟪, ⟶) ⟫{
  }

  abstract limit(): number;

  add(knots: number, at = new Date(0)): ⟪int⟶void⟫ {
    this.readings.push({ station: this.name, ⟪knot⟶knots⟫, at });
  }

  strongest(): Reading | null {
    let best: Reading | null = null;
    for (const r of this.readings) {
      if (best === null || r.knots > best.knots) {
        best = r;
      }
    }
    return best;
  }

  kind(): Wind {
    const best = this.strongest();
    const knots = ⟪best.knots⟶best ? best.knots : 0⟶best?.knots ?? 0⟶best!.knots⟫;
    if (knots < 4) return Wind.⟪calm⟶Calm⟫;
    ⟪elseif⟶else if⟶if⟫ (knots < this.limit()) return Wind.Breeze;
    return Wind.Gale;
  }
}

class PierHead extends Station {
  limit(): number { return ⟪'34'⟶34⟫; }
}

class Lightship extends Station {
  constructor() {
    super("Lightship");
  }
  limit(): number {
    return 40
  }
⟪⟶}⟫

const stations: Station[] = [new PierHead(⟪⟶"Pier head"⟫), new Lightship()];
stations[0].add(22);
stations[0].add(37);
stations[1].add(12);

const labels: Record<Wind, string> = {
  [Wind.Calm]: "calm",
  [Wind.Breeze]: "breeze",
  [Wind.Gale]: "gale",
};

for (let i = 0; i < stations.length; i++) {
  const s = stations[i];
  console.log(`${s.name}: ${labels[s.kind()]⟪⟶}⟫`);
}
