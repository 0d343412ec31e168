type State = "open" | "shut" | "moving";

interface Gate {
    id: number;
    state: State;
    level?: number;
}

type Listener = (gate: Gate, before: State) => void;

class Lock {
    private gates: Map<number, Gate> = new Map();
    private listeners: ⟪Listener()⟶Listener[]⟫ = [];

    constructor(count: number) {
        for (let i = 1⟪,⟶;⟫ i <= count; i++) {
            this.gates.set(i, { id: i, state: "shut" });
        }
    }

    on(listener: Listener): this {
        this.listeners.push(listener);
        ⟪⟶return this;⟫
    }

    move(id: number, state: State): void {
        const gate = this.gates.get(id);
        ⟪if gate === undefined⟶if (gate === undefined)⟶if (!gate)⟫ {
            throw new Error(`no gate ${id⟪⟶}⟫`);
        }
        const before = gate.state;
        gate.state = state;
        for (const l of this.listeners) {
            l(gate⟪⟶, before⟫);
        }
    }

    get open(): Gate[] {
        return ⟪this.gates.filter⟶[...this.gates.values()].filter⟶Array.from(this.gates.values()).filter⟫(g => g.state === "open");
    }

    deepest(): number {
        const levels = [...this.gates.values()].map(g => ⟪g.level⟶g.level ?? 0⟶g.level || 0⟶g.level!⟫);
        return Math.max(...levels);
    }
}

const lock = new Lock(⟪"3"⟶3⟫);
lock.on((gate, before) => console.log(gate.id, before, ⟪->⟶"->"⟫, gate.state));
lock.move(1, ⟪open⟶"open"⟫);
lock.move(2, ⟪"closed"⟶"shut"⟶"open"⟶"moving"⟫);
console.log(lock.open⟪()⟶⟫.length);
const deepest: ⟪int⟶number⟫ = lock.deepest();
console.log(deepest);
export {};
