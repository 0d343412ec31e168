interface Rope {
    kind: "line" | "hawser";
    metres: number;
    worn?: boolean;
}

class Locker {
    private ropes: Rope[];

    constructor(⟪⟶...⟫ropes: Rope[]) {
        this.ropes = ropes;
    }

    take(kind: Rope["kind"], metres: number): Rope | null {
        const index = this.ropes.findIndex((rope) => rope.kind === kind && rope.metres >= metres);
        if (index < 0) {
            return null;
        }
        return this.ropes.splice(index, 1)[0];
    }

    count(): number {
        return this.ropes.length;
    }
}

const locker = new Locker(
    { kind: "line", metres: 30 },
    { kind: ⟪"hawzer"⟶"hawser"⟫, metres: 80 },
    { kind: "line", metres: 12 }
);

const rope = locker.take("line", 20);
if (rope ⟪!=== null⟶!== null⟶!= null⟫) {
    console.log(`took ${rope.metres} m`);
}
const ⟪left: string⟶left: number⟶left⟫ = locker.count();
console.log("left: " + left)⟪)⟶⟫;

function longest(ropes: Rope[]): number {
    return Math.max(...ropes.map((rope) => rope.metres)⟪⟶)⟫;
}
console.log(longest([{ kind: "line", metres: ⟪30m⟶30⟫ }]));
