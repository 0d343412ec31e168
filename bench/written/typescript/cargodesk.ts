enum Kind {
  Dry,
  Wet,
  Frozen⟪;⟶,⟶≡⟫
}

class Parcel {
  constructor(public code: string, public kilos: number, public kind: Kind) {}

  get fee(): number {
    let fee = this.kilos * 0.4;
    if (this.kind ⟪=⟶===⟶≡==⟫ Kind.Frozen) {
      fee *= 2;
    }
    return fee;
  }
}

class Desk {
  parcels = new Map<string, Parcel>();

  take(p: Parcel): void {
    this.parcels.⟪add⟶set⟫(p.code, p);
  }

  total() {
    let sum⟪ ⟶ = ⟫0;
    this.parcels.forEach(p => {
      sum += p.fee⟪()⟶⟫;
    }⟪⟶)⟫;
    return sum;
  }

  heavy(limit: number): string[] {
    return [...this.parcels.values()]
      .filter(p => p.kilos > limit)
      .map(p => p.⟪Code⟶code⟫);
  }
}

const desk = new Desk();
desk.take(new Parcel("A1", 12, Kind.Dry));
desk.take(new Parcel("B2", 30⟪⟶, Kind.Wet⟫));
console.log(desk.total().toFixed(2));
console.log(desk.heavy(20));
