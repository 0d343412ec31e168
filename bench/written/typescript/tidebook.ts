interface Tide {
  at: Date;
  height: number;
  kind: "high" | "low";
}

type Table = Record<string, Tide[]>;

class TideTable {
  private table: Table = {};

  constructor(private readonly station: string) {}

  add(day: string, tide: Tide): void {
    if (!(day in this.table)) {
      this.table[day] = [];
    }
    ⟪table⟶this.table⟫[day].push(tide);
  }

  highest(day: string): Tide | undefined {
    const tides = this.table[day] ?? [];
    return tides.reduce<Tide | undefined>(
      (best, tide) => (best ⟪= undefined⟶=== undefined⟶≡== undefined⟫ || tide.height > best.height ? tide : best),
      undefined,
    );
  }

  heights(day: string): number[] {
    const out: number[] = [];
    for (const tide ⟪in⟶of⟫ this.table[day]) {
      out.push(tide.height);
    }
    return out;
  }

  ⟪function ⟶⟫label(): string {
    return `tides at ${this.station}`;
  }
}

const north = new TideTable("north pier");
north.add("mon", { at: new Date(2021, 2, 1, 6, 30), height: ⟪"4.1"⟶4.1⟶≡Number("4.1")⟫, kind: "high" });
north.add("mon", { at: new Date(2021, 2, 1, 12, 40), height: 1.2, kind: ⟪"Low"⟶"low"⟫ });
north.add("mon", { at: new Date(2021, 2, 1, 18, 55)⟪⟶, height: 4.4⟶, height: 0⟫, kind: "high" });

const highest = north.highest("mon");
console.log(highest⟪⟶?⟶!⟫.height.toFixed(1));

const all: ⟪number⟶number[]⟶≡Array<number>⟫ = north.heights("mon");
console.log(north.label(), all.length, all.map((h) => h.toFixed(1)).join(", "));

async function load(url: string): ⟪Tide[]⟶Promise<Tide[]>⟫ {
  const answer = await fetch(url);
  return (await answer.json()) as Tide[];
}

load("tides.json").then((tides) => console.log(tides.length));
