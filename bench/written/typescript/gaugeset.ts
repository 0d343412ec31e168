type Level = { station: string; metres: number };
type Alarm = "none" | "watch" | "flood";

function alarm(level: Level): Alarm {
  if (level.metres > 5) return "flood";
  ⟪elif⟶else if⟫ (level.metres > 3) return "watch";
  return ⟪"calm"⟶"none"⟫;
}

class Gauges {
  private readonly levels: Map<string, Level>;

  constructor(levels: Level[]) {
    this.levels = new Map(levels.map(l => ⟪(l.station, l)⟶[l.station, l]⟶[l.station, l] as [string, Level]⟫));
  }

  get(station: string): Level {
    const found = this.levels.get(station);
    if (!found) throw new Error("no " + station);
    return found;
  }

  worst(): Level | null {
    let worst: Level | null = null;
    for (const ⟪[level]⟶level⟫ of this.levels.values()) {
      if (worst === null || level.metres > worst.metres) worst = level;
    }
    return worst;
  }

  report(): string {
    const lines: string[] = [];
    for (const station of this.levels.keys()) {
      const level = this.get(station);
      lines.push(station + ": " + alarm(⟪station⟶level⟫));
    }
    return lines.join("\n");
  }
}

function average(levels: Level[]): number {
  let sum ⟪: 0⟶= 0⟶: number = 0⟫;
  for (const l of levels) sum += l.metres;
  return sum / levels.length;
}

const data: Level[] = [
  { station: "Mole", metres: 2.4 },
  { station: "Lock"⟪ metres⟶, metres⟫: 5.6 },
];
const gauges = new Gauges(data⟪⟶)⟫;
console.log(gauges.report());
const w = gauges.worst();
console.log(w ? w.⟪name⟶station⟫ : "none");
console.log(average(⟪gauges⟶data⟫).toFixed(1));
