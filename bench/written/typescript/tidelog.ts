class TideLog {
  private readings: number[];
  readonly station: string;

  constructor(station: string) {
    this.station = station;
⟪  ⟶    this.readings = [];
  ⟫}

  add(value: number) {
    this.readings.push(value);
  }

  highest(): number {
    let best = this.readings[0];
    this.readings.forEach(⟪value =⟶value =>⟫ {
      if (value > best) best = value;
    });
⟪  ⟶    return best;
  ⟫}

  average(): ⟪string⟶number⟫ {
    const sum = this.readings.reduce((a, b) => a + b, 0);
    return sum / this.readings.⟪length()⟶length⟫;
  }
}

const log = new TideLog(⟪⟶"north"⟶"south"⟫);
log.add(2.4);
log.add(⟪"3.1"⟶3.1⟫);
if (log.average() > 2) {
  console.log(log.station ⟪& ⟶+ ⟫" is high");
}
console.log(log.⟪hihgest⟶highest⟫());
