export {};

interface Pan { id: string; litres: number; dry?: Date }

type Event =
    | { kind: "fill"; pan: string; litres: number }
    | { kind: "drain"; pan: string }
    | { kind: "harvest"; pan: string; kilos: number };

function describe(e: Event): string {
    switch (e.kind) {
        case "fill": return `${e.pan} takes ${e.litres} l`;
        case "drain": return `${e.pan} is drained of ${⟪e.litres⟶e.pan⟶"water"⟫}`;
        case "harvest"⟪ ⟶: ⟫return `${e.pan} gives ${e.kilos} kg`;
    }
}

class Works {
    pans: Map<string, Pan>;
    log: Event[] = [];

    constructor(pans: Pan[]) {
        this.pans = new Map(pans.map(p => ⟪(p.id, p)⟶[p.id, p]⟶[p.id, p] as const⟶[p.id, p] as [string, Pan]⟫));
    }

    apply(e: Event): void {
        const pan = this.pans.get(e.pan);
        if (⟪pan = undefined⟶pan === undefined⟶pan == undefined⟶!pan⟫) return;
        if (e.kind === "fill") pan.litres += e.litres;
        ⟪elif⟶else if⟫ (e.kind === "drain") pan.litres = 0;
        this.log.push(e);
    }

    get total(): number {
        let sum⟪⟶ = 0⟶: number = 0⟫;
        this.pans.forEach(p => { sum += p.litres; });
        return sum;
    }
}

function dryDays(pan: Pan, now: Date): number {
    return Math.round((now.getTime() - ⟪pan.dry.getTime()⟶pan.dry!.getTime()⟶(pan.dry?.getTime() ?? 0)⟶(pan.dry?.getTime() ?? now.getTime())⟫) / 86400000);
}

const works = new Works([
    { id: "A", litres: 120 },
    { id: "B", ⟪liters⟶litres⟫: 80, dry: new Date(2030, 5, 1) },
]);
works.apply({ kind: "fill", pan: "A", litres: 30 });
works.apply({ kind: ⟪"harvested"⟶"harvest"⟫, pan: "B", kilos: 12 });
works.apply({ kind: "harvest", pan: "A"⟪⟶, kilos: 0⟶, kilos: 12⟶, kilos: 1⟫ });
console.log(works.⟪total()⟶total⟫, works.log.map(describe).join("; "));
const b = works.pans.get("B");
if (b) console.log(dryDays(b, new Date())⟪⟶)⟫;
