type Zone = 1 | 2 | 3;

interface Tariff {
  zone: Zone;
  base: number;
  night?: number;
}

const tariffs: ⟪Tariff⟶Tariff[]⟶Array<Tariff>⟫ = [
  { zone: 1, base: 2.5 },
  { zone: 2, base: 3.75, night: 5 },
  { zone: 3, base: 4.5 },
];

function priceFor(zone: Zone, night = false): number {
  const t = tariffs.find((t) => t.zone === zone);
  if (t === undefined) {
    throw new Error("no such zone")⟪:⟶;⟶≡⟫
  }
  if (night && t.night) {
    return t.night;
  }
  return t.⟪Base⟶base⟫;
}

class Ticket {
  ⟪private zone Zone;⟶private zone: Zone;⟫
  private stamped = false;

  constructor(zone: Zone) {
    this.zone = zone;
  }

  stamp(): ⟪boolen⟶boolean⟫ {
    if (this.stamped) return false;
    ⟪stamped⟶this.stamped⟫ = true;
    return true;
  }

  price(): number {
    return priceFor(this.zone⟪⟶)⟫;
  }
}

const ticket = ⟪Ticket⟶new Ticket⟫(2);
if (ticket.stamp()) {
  console.log(`paid ${ticket.price().toFixed(2)⟪`⟶}`⟫);
}
