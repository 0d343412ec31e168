interface Berth {
  id: number;
  length: number;
  power?: boolean;
}

type Season = "summer" | "winter";

enum Level {
  Low = "low",
  High = "high",
}

abstract class Vessel {
  constructor(public readonly name: string, protected length: number) {}

  abstract fee(season: Season): number;

  fits(berth: Berth): boolean {
    return this.length <= berth.length;
  }
}

class Yacht extends Vessel {
  private crew: string[] = [];

  constructor(name: string, length: number, crew: string[]) {
    super(name, length);
    this.crew = crew;
  }

  fee(season: Season): number {
    const base = season === "summer" ? 12 : 7;
    return base * this.length;
  }

  captain(): string | undefined {
    return this.crew[0];
  }
}

const rates: Record<Season, number> = { summer: 1.2, winter: 0.8 };

function level(metres: number): Level {
  switch (true) {
    case metres > 4:
      return Level.High;
    default:
      return Level.Low;
  }
}

function assign(vessels: Vessel[], berths: Berth[]): Map<string, number> {
  const plan = new Map<string, number>();
  for (const vessel of vessels) {
    const free = berths.find((berth) => vessel.fits(berth) && !plan.has(vessel.name));
    if (free !== undefined) {
      plan.set(vessel.name, free.id);
    }
  }
  return plan;
}

function total(vessels: Vessel[], season: Season): number {
  let sum = 0;
  vessels.forEach((vessel) => {
    sum += vessel.fee(season) * rates[season];
  });
  return sum;
}

async function load(name: string): Promise<Yacht> {
  const yacht = new Yacht(name, 9, ["Ida", "Ro"]);
  return yacht;
}

async function main(): Promise<void> {
  const yacht = await load("Petrel");
  const berths: Berth[] = [{ id: 1, length: 8 }, { id: 2, length: 12, power: true }];
  const plan = assign([yacht], berths);
  const captain = yacht.captain();
  if (captain) {
    console.log(captain.toUpperCase());
  }
  const pairs: [string, number][] = [...plan.entries()];
  for (let i = 0; i < pairs.length; i++) {
    console.log(`${pairs[i][0]} lies at ${pairs[i][1]}`);
  }
  console.log(total([yacht], "summer").toFixed(2), level(3));
}

main();
