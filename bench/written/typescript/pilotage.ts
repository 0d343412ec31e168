enum Duty { Free, Aboard, Resting }

interface Pilot {
  readonly name: string;
  duty: Duty;
  hours: number[];
}

abstract class Board<T> {
  protected items: Map<string, T> = new Map();

  abstract key(item: T): string;

  add(item: T): ⟪Void⟶void⟫ {
    this.items.set(this.key(item), item);
  }

  get(name: string): T | undefined {
    return ⟪items⟶this.items⟫.get(name);
  }
}

class Pilots extends Board<Pilot> {
  key(item: Pilot): string {
    return item.name;
  }

  free(): Pilot[] {
    const out: Pilot[] = [];
    for (const p of this.items.⟪values⟶values()⟫) {
      if (p.duty === ⟪Duty.free⟶Duty.Free⟫) {
        out.push(p);
      ⟪⟶}
    ⟫}
    return out;
  }

  mean(name: string): number {
    const found = this.get(name);
    if (!found) {
      throw new Error("no pilot " + name);
    }
    let sum = 0;
    found.hours.forEach(⟪h -> ⟶h => ⟫{ sum += h; });
    return sum / found.hours.length;
  }
}

const pilots = new Pilots();
pilots.add({ name: "Maren", duty: Duty.Free⟪⟶, hours: [4, 6]⟫ });
pilots.add({ name: "Jorn", duty: Duty.Aboard, hours: [3] });
const busiest: string = pilots.free().map(p => p.name).join(",");
console.log(busiest, pilots.mean("Maren")⟪⟶)⟫;
