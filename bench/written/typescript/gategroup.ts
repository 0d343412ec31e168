abstract class Gate {
  constructor(protected readonly name: string, private open = false) {}

  abstract width(): number;

  toggle(): void {
    this.open = !this.⟪opn⟶open⟫;
  }

  isOpen(): boolean {
    return this.open
  }
}

class LockGate extends Gate {
  private metres: number;

  constructor(name: string, metres: number) {
    ⟪⟶super(name);
    ⟫this.metres = metres;
  }

  width(): number {
    return this.metres;
  }
}

class WeirGate ⟪implements⟶extends⟫ Gate {
  width() {
    return 2.5;
  }
}

function widest(gates: Gate[]): Gate {
  let best = gates[0];
  for (const gate of gates) {
    if (gate.width⟪⟶()⟫ > best.width()) best = gate;
  }
  return best;
}

const gates = [new LockGate("upper", 4), new WeirGate(⟪⟶"weir"⟫)];
gates.forEach((g) => g.toggle());
console.log(widest(gates).width(), gates[0].⟪isopen⟶isOpen⟫());
const n: number = gates.filter((g) => g.isOpen())⟪⟶.length⟫;
