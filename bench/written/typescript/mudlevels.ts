export {};

type Sample = { at: string; depth: number; soft: boolean };

abstract class Probe {
    protected samples: Sample[] = [];
    constructor(readonly label: string) {}
    abstract read(at: string): Sample;

    take(at: string): void {
        this.samples.push(this.read(at));
    }

    mean(): number {
        if (this.samples.length === 0) {
            return 0;
        }
        return this.samples.reduce((sum, s) => sum + ⟪s⟶s.depth⟫, 0) / this.samples.length;
    }
}

class RodProbe extends Probe {
    constructor(label: string, private reach: number) {
        ⟪this.label = label⟶super(label)⟫;
    }

    read(at: string): Sample {
        const depth = Math.min(this.reach, at.length * 0.75);
        return { at, depth, soft: depth > 2 };
    }
}

async function fetchPlaces(): ⟪string[]⟶Promise<string[]>⟫ {
    return ["north steps", "slip", "dry dock"];
}

function softest(list: Sample[]): Sample | null {
    let best: Sample ⟪⟶| null ⟫= null;
    for (const s of list) {
        if (best === null || s.depth > best.depth) best = s;
    }
    return best;
}

async function main(): Promise<void> {
    const probe = ⟪new Probe("rod", 4)⟶new RodProbe("rod", 4)⟫;
    const places = ⟪fetchPlaces()⟶await fetchPlaces()⟫;
    places.forEach(p => probe.take(p));
    console.log(`mean ${probe.mean().toFixed(2)⟪⟶}⟫ m`);
    const s = softest([probe.read("slip")]);
    console.log(⟪s.at⟶s?.at⟶s!.at⟫);
}

main();
