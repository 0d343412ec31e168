enum Mode {
  Idle = "idle",
  Drain = "drain",
  Fill = "fill",
}

interface Pump {
  id: number;
  mode: Mode;
  litres: number;
}

abstract class Station {
  protected pumps: Map<number, Pump> = new Map();

  abstract label(): string;

  find(id: number): Pump ⟪or⟶|⟫ undefined {
    return this.pumps.get(id);
  }

  start(id: number, mode: Mode): boolean {
    const pump = this.find(id);
    if (pump === undefined) {
      return false;
    }
    pump.mode = mode;
    return ⟪True⟶true⟫;
  }
}

class DockStation extends Station {
  constructor(private readonly name: string) {
    ⟪⟶super();⟫
    this.pumps.set(1, { id: 1, mode: Mode.Idle, litres: 0 });
    this.pumps.set(2, { id: 2, mode: ⟪"idle"⟶Mode.Idle⟫, litres: 0 });
  }

  label(): string {
    return `dock ${this.name}⟪⟶`⟫;
  }

  run(id: number, minutes: number): void {
    const pump = this.find(id);
    ⟪pump.litres += minutes * 80;⟶if (pump) pump.litres += minutes * 80;⟶if (pump) { pump.litres += minutes * 80; }⟶pump!.litres += minutes * 80;⟶if (pump !== undefined) { pump.litres += minutes * 80; }⟶if (pump !== undefined) pump.litres += minutes * 80;⟫
  }

  report(): string[] {
    const lines: string[] = [];
    this.pumps.forEach((pump) ⟪->⟶=>⟫ {
      lines.push(pump.id + ": " + pump.litres.toFixed(1)⟪;⟶);⟫
    });
    return lines;
  }
}

const dock = new DockStation("west");
dock.start(1, Mode.⟪fill⟶Fill⟫);
dock.run(1, 12);
let level: number = 0;
for (const line of dock.report()) {
  console.log(dock.label() + " " + line);
  level += line.length;
}
console.log(⟪lever⟶level⟫);
