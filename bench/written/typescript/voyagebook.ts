export {};

enum Weather { Calm, Breeze, Gale }

abstract class Voyage {
  constructor(protected readonly from: string, protected readonly to: string) {}
  abstract hours(): number;
  describe(): string {
    return `${this.from} to ${⟪to⟶this.to⟫}: ${this.hours()} h`;
  }
}

class SailVoyage ⟪: ⟶extends ⟫Voyage {
  constructor(from: string, to: string, private miles: number, private weather: Weather) {
    ⟪⟶super(from, to);⟫
  }
  hours(): number {
    switch (this.weather) {
      case Weather.Calm: return this.miles / 3;
      case ⟪Breeze⟶Weather.Breeze⟫: return this.miles / 6;
      ⟪else⟶default⟫: return this.miles / 4;
    }
  }
}

class MotorVoyage extends Voyage {
  speed = 10;
  constructor(from: string, to: string, private miles: number) {
    super(from, to);
  }
  hours(): ⟪string⟶number⟫ {
    return this.miles / this.speed;
  }
}

const voyages: ⟪List<Voyage>⟶Voyage[]⟶Array<Voyage>⟫ = [
  new SailVoyage("Quay", "Island", 12, Weather.Breeze)⟪⟶,⟫
  new MotorVoyage("Quay", "Cape", ⟪"30"⟶30⟫),
];

function total(list: Voyage[]⟪⟶)⟫: number {
  let sum = 0;
  for (const v of list) sum += v.hours();
  return sum;
}

async function report(): Promise<void> {
  const text = await Promise.resolve(voyages.map((v) => v.describe()));
  text.forEach((line: string) => console.log(line.toUpperCase()));
  const longest = voyages.sort((a, b) => ⟪b.hours - a.hours⟶b.hours() - a.hours()⟫)[0];
  console.log("longest " + longest.describe());
}

const hours: number = total(⟪⟶voyages⟫);
console.log(hours.toFixed(1));
report();
const first = voyages⟪(0)⟶[0]⟫;
console.log(first.describe());
