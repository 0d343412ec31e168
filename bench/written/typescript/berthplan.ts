type Vessel = {
  id: number,
  name: string,
  draught: number,
  flag?: string
⟪⟶}⟫

interface Berth {
  code: string;
  depth: number;
  vessel: Vessel | null;
}

class Planner {
  private berths: Berth[];
  private waiting: ⟪Vessel⟶Vessel[]⟫ = [];

  constructor(berths: Berth[]) {
    ⟪berths⟶this.berths⟫ = berths;
  }

  place(vessel: Vessel): boolean {
    for (const berth ⟪in⟶of⟫ this.berths) {
      if (berth.vessel === null ⟪and⟶&&⟫ berth.depth > vessel.draught) {
        berth.vessel = vessel;
        return true;
      }
    }
    this.waiting.push(vessel);
    ⟪⟶return false;⟫
  }

  names(): string[] {
    return this.berths
      .filter(b => b.vessel !== null)
      .map(b => b.⟪vessel.name⟶vessel!.name⟶vessel?.name ?? ""⟫);
  }

  flags(): Map<string, number> {
    const counts = new Map<string, number>();
    for (const w of this.waiting) {
      const key = w.flag ?? "none";
      counts.set(key, (counts.get(key) ?? 0) + 1);
    }
    return counts;
  }
}

const planner = new Planner([{ code: "A", depth: 6⟪⟶, vessel: null⟫ }, { code: "B", depth: 4, vessel: null }]);
planner.place({ id: 1, name: "Gannet", draught: ⟪"3.2"⟶3.2⟫ });
console.log(planner.names().join(", "));
console.log(planner.flags().size);
