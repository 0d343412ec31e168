interface Vessel {
  name: string;
  length: number;
  kind: "yacht" | "barge";
  owner?: string;
}

const rates⟪ = ⟶: Record<string, number> = ⟫{ yacht: 12, barge: 30 };

function rateOf(kind: string): number {
  return rates[kind];
}

function fee(vessel: Vessel, nights: number)⟪; ⟶: ⟫number {
  const base = rateOf(vessel.kind);
  if (vessel.length > 20) ⟪then ⟶⟫{
    return base * nights * 1.5;
  }
  return base * nights;
}

function label(vessel: Vessel): string {
  const owner = ⟪vessel.owner.toUpperCase()⟶vessel.owner?.toUpperCase()⟶vessel.owner!.toUpperCase()⟶(vessel.owner ?? "").toUpperCase()⟫;
  return `${vessel.name} (${owner})`;
}

class Book {
  private entries: Vessel[] = [];

  ⟪function ⟶⟫add(vessel: Vessel) {
    ⟪entries⟶this.entries⟫.push(vessel);
  }

  total(nights: number): number {
    return this.entries.reduce((sum, v) => sum + fee(v, nights)⟪⟶, 0⟫);
  }
}

const book = new Book();
book.add({ name: "Petrel", length: 9, kind: ⟪"yahct"⟶"yacht"⟫ });
book.add({ name: "Mole", length: 24, kind: "barge", owner: "Ida"⟪ ⟶ }⟫);
const nights: number = ⟪"3"⟶3⟫;
console.log(book.total(nights));
console.log(label({ name: "Petrel", length: 9, kind: "yacht" }));
