interface Boat {
  name: string⟪:⟶;⟫
  length: number;
  owner?: Owner;
}

interface Owner {
  first: string;
  ⟪string last⟶last: string⟫;
}

type Place = "inner" | "outer";

class Mooring {
  private boats: Boat[] = [];
  constructor(readonly place: Place, private places: ⟪int⟶number⟫) {}

  take(boat: Boat): boolean {
    if (⟪boats⟶this.boats⟫.length >= this.places) return false;
    this.boats.⟪add⟶push⟫(boat);
    return ⟪True⟶true⟫;
  }

  ⟪function ⟶⟫longest(): Boat | undefined {
    let best: Boat | undefined;
    for (const boat ⟪in⟶of⟫ this.boats) {
      if (best === undefined || boat.length > best.length) best = boat;
    }
    return best;
  }

  names(): string[] {
    return this.boats.map(b ⟪->⟶=>⟫ b.name);
  }

  fee(): number {
    return this.boats.reduce((sum, b) => sum + b.length * 2⟪⟶, 0⟫);
  }
}

function ownerOf(boat: Boat): string {
  return ⟪boat.owner.first⟶boat.owner?.first ?? "nobody"⟶boat.owner!.first⟶boat.owner ? boat.owner.first : "nobody"⟫;
}

const desk = new Mooring(⟪"middle"⟶"inner"⟶"outer"⟫, 2);
const tern: Boat = { name: "Tern", length: 12, owner: { first: "Ana", last: "Roe" } };
const gull: Boat = { name: "Gull"⟪⟶, length: 9⟫ };
desk.take(tern);
if (!desk.take(gull)⟪⟶)⟫ console.log("no place");
console.log(desk.names().join(", "));
console.log("longest: " + ⟪desk.longest().name⟶desk.longest()?.name⟶desk.longest()!.name⟫);
console.log(`fee ${desk.fee()⟪⟶}⟫`);
console.log(ownerOf(⟪"Tern"⟶tern⟫));
