type Reading = { buoy: string; depth: number };

abstract class Sensor {
  constructor(protected readonly name: string) {}
  abstract read(): number;
}

class Sonar extends Sensor {
  private last = 3.5;

  constructor(name: string, private offset: number) {
⟪⟶    super(name);
⟫  }

  read(): number {
    this.last += this.offset;
    return this.last;
  }

  label() {
    return ⟪name⟶this.name⟫;
  }
}

function shallow(readings: Reading[], limit: number): Reading[] {
  const result: Reading[] = [];
  for (let i = 0; i < readings.⟪size⟶length⟫; i++) {
    if (readings[i].depth < limit) {
      result.push(readings[i]⟪⟶)⟫;
    }
  }
  return result;
}

const sonar = new Sonar("mole"⟪ ⟶, ⟫0.5);
const readings: Reading[] = [];
for (let n = 0; n < 4; n++) {
  readings.push({ buoy: sonar.label(), depth: sonar.read() });
}
const found = shallow(readings, 5);
console.log(found.length, found.map((r) => r.depth).join(" "));
⟪if found.length > 2⟶if (found.length > 2)⟫ {
  console.log("go slow");
}
