interface Sailing {
  id: number;
  from: string;
  to: string;
  seatsLeft: number;
  cancelled?: boolean;
}

type Outcome = "sold" | "full" | "closed";

class Desk {
  private sold: Map<number, number> = new Map();
  takings = 0;

  constructor(readonly sailings: Sailing[], private fare: number) {}

  find(id: number): Sailing | undefined {
    return ⟪sailings⟶this.sailings⟫.find((s) => s.id === id);
  }

  sell(id: number, seats: number): Outcome {
    const sailing = this.find(id);
    if (sailing === undefined ⟪or⟶||⟫ sailing.cancelled) {
      return ⟪"close"⟶"closed"⟫;
    }
    if (sailing.seatsLeft < seats) {
      return "full";
    }
    sailing.seatsLeft -= seats;
    this.takings += seats * this.fare;
    this.sold.set(id, (this.sold.get(id) ?? 0) + seats);
    return "sold";
  }

  report(): string[] {
    const lines: string[] = [];
    for (const [id, seats] ⟪in⟶of⟫ this.sold) {
      lines.push(`sailing ${id}: ${seats} seats`);
    }
    lines.push("takings " + this.takings.⟪tofixed⟶toFixed⟫(2));
    return lines;
  }
}

const desk = new Desk(
  [
    { id: 1, from: "North Quay", to: "Gull Island", seatsLeft: 12 },
    { id: 2, from: "Gull Island", to: "North Quay", seatsLeft: 3, cancelled: true },
    { id: 3, from: "North Quay", ⟪dest⟶to⟫: "Lightship", seatsLeft: 5 },
  ],
  4.5,
);

const wanted: [number, number][] = [[1, 4], [2, 1], [3, 9]];
for (const [id, seats] of wanted) {
  const outcome: Outcome = desk.sell(id, seats⟪;⟶);⟫
  console.log(`${id}: ${outcome}`);
}
console.log(desk.report().join("\n"));
