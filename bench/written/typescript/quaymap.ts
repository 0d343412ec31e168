enum Side { Port, Starboard }

abstract class Quay {
  constructor(readonly name: string, protected length: number) {}
  abstract fee(days: number): number;
  describe(): string {
    return this.name + " is " + this.length + " m long";
  }
}

class PublicQuay extends Quay {
  constructor(name: string, length: number, private side: Side) {
    ⟪⟶super(name, length);⟫
    this.side = side;
  }

  fee(days: number): number {
    return days * this.length * 0.5;
  }
}

class LeasedQuay extends Quay {
  fee(⟪days⟶days: number⟫) {
    const rate = this.length > 80 ⟪then⟶?⟫ 2 : 1.5;
    return days * rate;
  }
}

function cheapest(quays: Quay[], days: number): Quay | null {
  let best: Quay | null = null;
  for (let i = 0⟪,⟶;⟫ i < quays.length; i++) {
    if (best === null ⟪or⟶||⟫ quays[i].fee(days) < best.fee(days)) {
      best = quays[i];
    }
  }
  return best;
}

const quays: Quay[] = [
  new PublicQuay("Nord", 120, Side.Port),
  new LeasedQuay("Ost", 60),
  ⟪LeasedQuay("West", 90)⟶new LeasedQuay("West", 90)⟫,
];

const found = cheapest(quays, 4);
console.log(⟪found.describe()⟶found?.describe()⟶found!.describe()⟫);

const fees: Record<string, number> = {};
quays.forEach(q => {
  fees[q.name] = q.fee(2)⟪);⟶;⟫
});

const names: string[] = ⟪quays.map(q => q.fee(1))⟶quays.map(q => q.name)⟫;
console.log(names.join(", "), fees[⟪Nord⟶"Nord"⟫]);
