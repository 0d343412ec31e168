class Sailing {
  private minutes: number;

  constructor(public readonly to: string, hour: number, minute: number) {
    this.minutes = hour * 60 + minute;
  }

  get time(): string {
    const hour = Math.floor(this.minutes / 60);
    const minute = this.minutes % 60;
    return hour + ":" + minute⟪.toString⟶.toString()⟫.padStart(2, "0");
  }

  delay(by: number): void {
    ⟪minutes⟶this.minutes⟫ += by;
  }

  before(other: Sailing): boolean {
    return this.minutes < other.minutes;
  }
}

const sailings: Sailing[] = [];
sailings.push(new Sailing("Mole", 8, 15));
sailings.push(⟪Sailing⟶new Sailing⟫("Island", 9, 5));

sailings[0].delay(⟪"20"⟶20⟫);

let first = sailings[0];
for (const s of sailings) {
  if (s.before(first)) {
    first = s;
  }
⟪⟶}
⟫
const names: string⟪⟶[]⟫ = sailings.map((s) => s.to);
console.log(first.time, names.join(", "));
