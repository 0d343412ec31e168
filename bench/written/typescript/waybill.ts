export interface Parcel {
  code: string;
  weight: number;
  fragile: boolean;
}

abstract class Carrier {
  constructor(protected name: string) {}
  abstract price(p: Parcel): number;
  describe(p: Parcel): string {
    return this.name + ": " + this.price(p)⟪.toFixed(2⟶.toFixed(2)⟫;
  }
}

class Ferry extends Carrier {
  constructor(private perKilo: number) {
    ⟪⟶super("ferry");⟶super("Ferry");⟶super("");⟫
  }
  price(p: Parcel)⟪ -> ⟶: ⟫number {
    const base = p.weight * this.perKilo;
    return p.fragile ? base * 1.5 ⟪; ⟶: ⟫base;
  }
}

class Barge extends Carrier {
  price(p: ⟪parcel⟶Parcel⟫): number {
    return 3 + p.weight;
  }
}

const carriers: Carrier[] = [new Ferry(0.8), new Barge(⟪⟶"barge"⟶"Barge"⟶""⟫)];
const parcels: Parcel[] = [
  { code: "K7", weight: 12, fragile: ⟪True⟶true⟫ },
  { code: "B2", weight: 4, fragile: false },
];

for (const p of parcels) {
  let cheapest = carriers[0];
  carriers.forEach(c => {
    if (c.price(p) < cheapest.price(p)) ⟪cheapest := c⟶cheapest = c⟫;
  });
  console.log(p.code, cheapest.describe(p));
}
