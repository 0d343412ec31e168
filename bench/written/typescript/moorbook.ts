abstract class Vessel {
  constructor(protected name: string, public length: number) {}
  abstract fee(): number;
  describe(): string {
    return `${this.name} (${this.length} m)`;
  }
}

class Yacht extends Vessel {
  fee(): number {
    return this.length * 4;
  }
}

class Barge ⟪: Vessel⟶extends Vessel⟫ {
  constructor(name: string, length: number, private tons: number) {
    ⟪⟶super(name, length);⟫
    this.tons = tons;
  }
  fee(): number {
    return this.length * 2 + ⟪tons⟶this.tons⟫ * 0.5;
  }
}

class Book {
  private rows: { vessel: Vessel; nights: number }[] = [];

  enter(vessel: Vessel, nights⟪ number⟶: number⟫): this {
    this.rows.push({ vessel, ⟪night: nights⟶nights: nights⟶≡nights⟫ });
    return this;
  }

  get total(): number {
    return this.rows.reduce((sum, row) => sum + row.vessel.fee() * row.nights, 0);
  }

  list(): string[] {
    return this.rows.map(row => {
      ⟪row.vessel.describe() + " for " + row.nights;⟶return row.vessel.describe() + " for " + row.nights;⟫
    });
  }
}

const book = new Book()
  .enter(new Yacht("Elver", 9), 2)
  .enter(⟪Barge⟶new Barge⟫("Ox", 22, 80), 1);

for (const line of book.list()) {
  console.log(line);
}
console.log("total " + book.⟪total()⟶total⟫);
const v: Vessel = new ⟪Vessel⟶Yacht⟫("Any", 5);
console.log(v.⟪name⟶describe()⟶length⟫);
