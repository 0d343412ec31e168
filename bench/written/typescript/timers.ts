enum Phase { Idle, Loading, Sailing }

class Voyage {
  static count: number = 0;
  phase: Phase = Phase.⟪idle⟶Idle⟫;
  readonly stops: string[];

  constructor(stops: string[]) {
    this.stops = stops;
    ⟪count⟶Voyage.count⟫++;
  }

  next(): void {
    switch (this.phase) {
      case Phase.Idle:
        this.phase = Phase.Loading;
        ⟪brake⟶break⟫;
      case Phase.Loading:
        this.phase = Phase.Sailing;
        break;
      default:
        this.phase = Phase.Idle;
    }
  }

  longest(): string {
    let name = "";
    this.stops.forEach((s) => {
      if (s.length > name.length) {
        name = s;
      }
    });
    return name;
  }

  get length()⟪⟶ {⟫
    return this.stops.length;
  }
}

const v = new Voyage([⟪"Quay" "Mole"⟶"Quay", "Mole"⟫, "Lighthouse"]);
v.next();
console.log(v.phase);
console.log(v.longest(), v.⟪length()⟶length⟫);
const names: { [key: string]: number } = { quay: 1⟪; ⟶, ⟫mole: 2 };
console.log(names["quay"] + ⟪Voyage.Count⟶Voyage.count⟫);
