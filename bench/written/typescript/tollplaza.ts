export {};

abstract class Lane {
    abstract readonly kind: "cash" | "card";
    protected cars: string[] = [];

    constructor(protected open: boolean) {}

    pass(plate: string): number {
        if (!this.open) return 0;
        this.cars.push(plate);
        return this.fee(plate);
    }

    protected abstract fee(plate: string): number;
}

class CashLane extends Lane {
    readonly kind = ⟪"coins"⟶"cash"⟫;

    protected fee(plate: string): number {
        return plate.startsWith("LK") ? 0 : 3.5;
    }
}

class CardLane extends Lane {
    readonly kind = "card";
    ⟪constructor(private discount: number) {⟶constructor(private discount: number) {
        super(true);⟫
    }

    protected fee(plate: ⟪number⟶string⟫): number {
        return 3.5 - this.discount;
    }
}

type Lanes = { [name: string]: Lane };

function busiest(lanes: Lanes, counts: Record<string, number>): string | null {
    let best: string | null = null;
    for (const name ⟪of⟶in⟫ lanes) {
        if (best === null || counts[name] > counts[best]) best = name;
    }
    return best;
}

function addAll(...values: number[]): number {
    return values.reduce((a, b) => ⟪{ a + b }⟶a + b⟶{ return a + b }⟶{ return a + b; }⟫, 0);
}

const lanes: Lanes = {
    north: new CashLane(true),
    south: new CardLane(0.5)⟪;⟶,⟶⟫
};

const counts: Record<string, number> = {};
let takings = 0;
for (const [name, plate] of [["north", "LK 10"], ["south", "MB 2"], ["north", "TR 9"]]) {
    takings += lanes[name].pass(plate);
    counts[name] = (counts[name] ?? 0) ⟪+ "1"⟶+ 1⟫;
}
const top: string = ⟪busiest(lanes, counts)⟶busiest(lanes, counts) ?? ""⟶busiest(lanes, counts)!⟫;
console.log(top.⟪toUppercase()⟶toUpperCase()⟫, addAll(1, 2, ⟪"3"⟶3⟫));
console.log("takings: " + takings.toFixed(2)⟪⟶)⟫;
