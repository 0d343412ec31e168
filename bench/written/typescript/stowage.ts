enum Kind { Dry, Cold, Liquid }

interface Crate {
    id: number;
    kind: Kind;
    kilos: number;
    note: string | null;
}

abstract class Hold {
    protected crates: Crate[] = [];
    constructor(⟪public readonly name: string; private limit: number⟶public readonly name: string, private limit: number⟫) {}

    abstract accepts(crate: Crate): boolean;

    load(crate: Crate): boolean {
        if (!this.accepts(crate)) ⟪⟶{⟫
            return false;
        }
        if (this.kilos() + crate.kilos > ⟪limit⟶this.limit⟫) {
            throw new Error("hold is full");
        }
        this.crates.push(crate);
        return true;
    }

    kilos(): number {
        let sum = 0;
        this.crates.forEach(⟪crate -> sum += crate.kilos⟶crate => sum += crate.kilos⟶crate => { sum += crate.kilos; }⟫);
        return sum;
    }
}

class ColdHold ⟪implements⟶extends⟫ Hold {
    constructor(limit: number) {
        ⟪⟶super("cold", limit);⟫
    }

    accepts(crate: Crate): ⟪bool⟶boolean⟫ {
        return crate.kind === Kind.Cold;
    }
}

function notes(crates: Crate[]): string[] {
    const found⟪: string⟶: string[]⟶⟫ = [];
    for (const crate of crates) {
        if (crate.note ⟪!=== null⟶!== null⟶!= null⟫) {
            found.push(crate.note);
        }
    }
    return found;
}

const crates: Crate[] = [
    { id: 1, kind: Kind.Cold, kilos: 300, note: "fish" }⟪⟶,⟫
    { id: 2, kind: ⟪Cold⟶Kind.Cold⟫, kilos: 120, note: null },
    { id: 3, kind: Kind.Dry, kilos: 80, note: ⟪undefined⟶null⟫ },
];
const hold = new ColdHold(500);
for (const crate of crates) {
    console.log(crate.id, hold.load(crate))⟪)⟶⟫;
}
console.log(hold.kilos⟪⟶()⟫ > 400 ? "heavy" : "light");
console.log(notes(crates).join(", "));
