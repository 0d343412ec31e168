type Level = "off" | "dim" | "full";

interface Lamp {
  readonly id: number;
  level: Level;
  watts: number;
}

abstract class Controller {
  protected lamps: Lamp[] = [];

  constructor(public readonly deck: string) {}

  abstract apply(level: Level): void;

  get power(): number {
    return this.lamps
      .filter((l) => l.level ⟪<> ⟶!== ⟶!= ⟫"off")
      .map((l) => (l.level === "dim" ? l.watts / 2 ⟪; ⟶: ⟫l.watts))
      .reduce((a, b) => a + b, 0);
  }

  find(id: number): Lamp ⟪or⟶|⟫ undefined {
    return this.lamps.find((l) => l.id === id);
  }
}

class DeckController extends Controller {
  private history = new Map<number, Level[]>();

  constructor(deck: string, count: number⟪⟶)⟫ {
    ⟪⟶super(deck);⟫
    for (let i = 0; i < count; i++) {
      this.lamps.push({ id: i, level: "off", watts: 40 + i });
    }
  }

  apply(level: Level): ⟪Void⟶void⟫ {
    for (const lamp of this.lamps) {
      lamp.level = level;
      const past = this.history.get(lamp.id) ⟪??⟶?? []⟫;
      past.push(level);
      this.history.set(lamp.id, past);
    }
  }

  set(id: number, level: Level): boolean {
    const lamp = this.find(id);
    ⟪if lamp⟶if (lamp)⟶if (lamp !== undefined)⟫ {
      lamp.level = level;
      return true;
    }
    return false;
  }

  renumber(): void {
    this.lamps = this.lamps.map((lamp, i) => ⟪{ ...lamp, id: i }⟶({ ...lamp, id: i })⟫);
  }

  past(id: number): Level[] {
    return this.history.get(id)⟪⟶ ?? []⟶!⟶ || []⟫;
  }
}

function parseLevel(text: string): Level {
  switch (text) {
    case "off":
    case "dim":
    case "full":
      return text;
    default:
      throw new Error(`bad level ${text}`);
  }
}

const controls: Record<string, Controller> = {
  fore: new DeckController("fore", 3),
  aft: new ⟪Controller⟶DeckController⟫("aft", 2),
};

controls.fore.apply("dim");
controls.aft.apply(⟪"bright"⟶"full"⟶"dim"⟶"off"⟫);
const fore = controls.fore as DeckController;
console.log(fore.set(1, parseLevel("full")), fore.past(1)⟪⟶.⟫length);
const total: number = Object.values(controls)
  .map((c) => c.power)
  .reduce((a, b) => a + b, 0);
console.log(total.toFixed(1) + " W");

export {};
