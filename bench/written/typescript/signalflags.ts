export {};

interface Flag {
    readonly code: string;
    colours: string[];
    meaning?: string;
}

abstract class Hoist {
    protected flags: Flag[] = [];
    abstract spell(): string;

    add(flag: Flag): Hoist {
        this.flags.push(flag);
        return this;
    }

    get size(): number {
        return this.flags.length;
    }
}

class Word extends Hoist {
    constructor(private text: string) {
⟪⟶        super();
⟫    }

    spell(): string {
        return this.flags.map(f => f.⟪Code⟶code⟫).join("");
    }

    matches(): boolean {
        return ⟪spell()⟶this.spell()⟫ == this.text;
    }
}

function parse(line: string): Flag ⟪or⟶|⟫ undefined {
    const [code, colours, meaning] = line.split(":");
    if (!code || !colours) {
        return;
    }
    return { code, ⟪colours⟶colours: colours.split(",")⟫, meaning };
}

function count(flags: Flag[], colour: string): number {
    let n = 0;
    flags.forEach(f => {
        if (f.colours.⟪contains⟶includes⟫(colour)) {
            n += 1;
        }
    }⟪⟶)⟫;
    return n;
}

function meaning(flag: Flag): string {
    return ⟪flag.meaning.toUpperCase()⟶flag.meaning?.toUpperCase() ?? ""⟶flag.meaning!.toUpperCase()⟶(flag.meaning ?? "").toUpperCase()⟫;
}

const lines = ["A:white,blue:diver", "B:red"⟪ ⟶, ⟫"H:white,red:pilot"];
const flags = lines.map(parse)⟪⟶.filter((f): f is Flag => f !== undefined)⟫;
const word = new Word(⟪⟶"AH"⟫);
for (const flag of flags) {
    word.add(flag);
}
const hoists: Hoist[] = [word, ⟪new Hoist()⟶new Word("")⟶new Word("B")⟫];
console.log(hoists.length, word.matches(), ⟪word.size()⟶word.size⟫);
const byCode: Record<string, Flag> = {};
for (const f of flags) byCode⟪.f.code⟶[f.code]⟫ = f;
console.log(Object.keys(byCode), count(flags, "red"), meaning(flags[0]));
