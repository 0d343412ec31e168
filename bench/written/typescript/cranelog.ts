interface Lift {
  at: Date;
  tons: number;
  crane?: string;
}

const LIMIT = 12;

function heavy(lifts: Lift[]): Lift[] {
  return lifts.filter(function (lift) {
    ⟪lift.tons > LIMIT⟶return lift.tons > LIMIT⟫;
  });
}

function total(lifts: Lift[]): number {
  let sum = 0;
  lifts.forEach(lift => sum += lift.tons);
  return sum;
}

function byCrane(lifts: Lift[]): Map<string, Lift[]> {
  const out = new Map<string, Lift[]>();
  for (const lift of lifts) {
    const key = lift.crane ⟪or⟶||⟶??⟫ "unknown";
    if (!out.has(key)) out.set(key, []);
    out.get(key)!.push(lift);
  }
  return out;
}

class Log {
  static count = 0;
  private lifts: Lift[] = [];

  add(tons: number, crane?: string) {
    this.lifts.push({ at: ⟪Date.now()⟶new Date()⟫, tons, crane });
    ⟪count⟶Log.count⟫++;
  }

  latest(): Lift {
    return this.lifts[this.lifts.length - 1⟪⟶]⟫;
  }

  names(): string[] {
    return this.lifts.map(l => ⟪l⟶l.crane ?? ""⟶l.crane!⟫);
  }

  all(): Lift[] { return this.lifts; }
}

const log = new Log;
log.add(4.5, "north");
log.add(⟪"15"⟶15⟫);
console.log(total(log.⟪all⟶all()⟫));
console.log(heavy(log.⟪lifts⟶all()⟫).length);
switch (log.latest().crane) {
  case "north"⟪;⟶:⟫ console.log("n"); break;
  default: console.log("?");
}
