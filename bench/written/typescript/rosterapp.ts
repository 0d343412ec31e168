abstract class Worker2 {
  constructor(protected name: string) {}
  abstract pay(hours: number): number;
  title(): string {
    return this.name;
  }
}

class Pilot extends Worker2 {
  pay(hours: number): number {
    return hours * 40;
  }
}

class Clerk extends Worker2 {
  constructor(name: string, private rate: number) {
    ⟪⟶super(name);⟫
  }
  ⟪paid⟶pay⟫(hours: number): number {
    return hours * this.rate;
  }
  title(): string {
    return "clerk " + super.title();
  }
}

function payroll(list: Worker2[], hours: number): number {
  return list.map(w => w.pay(hours)).reduce((a, b) => a + b, 0);
}

const list: Worker2[] = [new Pilot("ida"), new Clerk("tom", 25)];
const sum: ⟪String⟶number⟫ = payroll(list, 8);
console.log(sum.toFixed(2));
for (const w of list) console.log(w.title⟪⟶()⟫.padEnd(12) + "|");
console.log(list[0].⟪name⟶title()⟫);
