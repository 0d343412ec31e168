enum Phase {
    Ebb⟪ = "ebb";⟶ = "ebb",⟫
    Flood = "flood",
}

class Tide {
    constructor(public hour: number, public height: number, public phase: Phase) {}

    label(): string {
        return `${this.hour}h ${this.height.toFixed(1)}m ${⟪⟶this.⟫phase}`;
    }
}

function parse(line: string): Tide {
    const parts = line.split(" ");
    const hour = ⟪parts[0]⟶Number(parts[0])⟶≡parseInt(parts[0])⟶≡+parts[0]⟫;
    const height = Number(parts[1]);
    const phase = height > 2 ? Phase.Flood ⟪;⟶: ⟫Phase.Ebb;
    return ⟪⟶new ⟫Tide(hour, height, phase);
}

const tides: Tide[] = ["6 3.4", "12 0.8"].map(parse);
for (let i = 0; i < tides.length; i⟪+⟶++⟫) {
    console.log(tides[i].label());
}
