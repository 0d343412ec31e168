type Zone = "inner" | "outer";

interface Fare {
  zone: Zone;
  cents: number;
  child?: boolean;
}

const fares: Fare[] = [
  { zone: "inner", cents: 280 },
  { zone: ⟪outer⟶"outer"⟫, cents: 450 },
  { zone: "inner", cents: 140, child: ⟪True⟶true⟫ },
];

function find(zone: Zone, child: boolean): Fare | undefined {
  return fares.find((f) => f.zone === zone && !!f.child === child);
}

function price(zone: Zone, count: number): number {
  const fare = find(zone, false);
  if (fare !== undefined) {
    return fare.cents * count;
  }
  return 0;
}

class Till {
  private sum = 0;

  take(cents: number): void {
    this.sum += cents;
  }

  total(): number {
    return ⟪sum⟶this.sum⟫;
  }
}

const till = new Till();
till.take(price("inner", 2));
till.take(price("outer"⟪ ⟶, ⟫1));
console.log((till.⟪total⟶total()⟫ / 100).toFixed(2));
