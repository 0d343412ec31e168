export interface Entry {
  at: number;
  kind: "in" | "out";
  ship: string;
}

class Log {
  private entries: Entry[] = [];

  add(kind: "in" | "out", ship: string): this {
    this.entries.push({ at: Date.now(), kind, ⟪shipp⟶ship⟫ });
    return this;
  }

  count(kind: Entry["kind"]): number {
    return this.entries.filter(e => e.kind === kind).length;
  }

  last(): Entry | undefined {
    return this.entries[this.entries.length - 1];
  }
}

const log = ⟪Log()⟶new Log()⟫;
log.add("in", "tern").add("⟪inn⟶in⟫", "gull").add("out", "tern");
console.log(log.count("in"))⟪:⟶;⟫
const last = log.last();
if (last) ⟪⟶{⟫
  console.log(last.ship);
}
function plural(n: number, word: string) {
  return n === 1 ? word : word + "s"⟪,⟶;⟫
}
console.log(plural(⟪"2"⟶2⟫, "ship"));
