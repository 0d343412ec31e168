interface Skipper {
  name: string;
  licences: Set<string>;
  hours(): number;
}

class Person implements Skipper {
  licences = new Set<string>();
  private log: number[] = [];

  constructor(⟪⟶public ⟶public readonly ⟫name: string) {}

  work(hours: number) {
    if (hours < 0) {
      throw new ⟪error⟶Error⟫("negative hours");
    }
    this.log.push(hours);
  }

  hours() {
    return this.log.reduce((a, b) => a + b, 0);
  }
⟪⟶}⟫

function allowed(s: Skipper, need: string): boolean {
  return s.licences.⟪contains⟶has⟫(need) && ⟪s.hours⟶s.hours()⟫ > 10;
}

const crew: Skipper[] = [new Person("Hedda"), new Person("Nils")];
crew[0].licences.add("inland");
const hedda = crew[0] as Person;
hedda.work(⟪12⟶12)⟫;
⟪for each⟶for⟫ (const s of crew) {
  console.log(s.name + ": " + allowed(s, "inland"));
}

const byName: { [key: string]: Skipper } = {};
crew.forEach(s => byName[s.name] = s⟪;⟶);⟫
const nils = byName["Nils"];
console.log(nils.hours().⟪toFixed⟶toFixed(1)⟶toFixed()⟫);
function longest(list: Skipper[]) ⟪-> Skipper⟶: Skipper⟫ {
  return list.sort((a, b) => b.hours() - a.hours())[0];
}
console.log(longest(crew).name);
