type Zone = "inner" | "outer";

interface Fare {
  zone: Zone;
  price: number;
}

interface Passenger {
  name: string;
  zone: Zone;
  bicycle: boolean;
}

const fares: Fare[] = [
  { zone: "inner", price: 2.5 }⟪;⟶,⟫
  { zone: "outer", price: 4 },
];

function fareOf(zone: Zone): number {
  const fare = fares.find((f) => f.zone ⟪=⟶===⟶==⟫ zone);
  return fare ? fare.price ⟪,⟶:⟫ 0;
}

function total(passengers: Passenger[]): number {
  return passengers.reduce((sum, p) ⟪->⟶=>⟫ sum + fareOf(p.zone) + (p.bicycle ? 1 : 0), 0);
}

class Wicket<T extends Passenger> {
  private served: T[] = [];
  private closed = false⟪,⟶;⟫

  serve(p: T): void {
    if (this.closed) {
      throw ⟪Error "closed"⟶new Error("closed")⟶Error("closed")⟫;
    }
    this.served.⟪add⟶push⟫(p);
  }

  close(): number {
    this.closed = true;
    return total(⟪served⟶this.served⟫);
  }

  get names(): string[] {
    return this.served.map((p) => p.name⟪⟶)⟫;
  }
}

const wicket = new Wicket<Passenger>();
wicket.serve({ name: "Ines", zone: "inner", bicycle: ⟪"no"⟶false⟫ });
wicket.serve({ name: "Per", zone: ⟪"Outer"⟶"outer"⟫, bicycle: true });
const sum: ⟪string⟶number⟫ = wicket.close();
console.log(`served ${wicket.names⟪()⟶⟫.join(", ")}`);
console.log("taken " + sum.toFixed(2)⟪⟶)⟫;
