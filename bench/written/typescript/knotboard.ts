export {};

enum Level {
    Easy = 1,
    Middling,
    Hard,
}

interface Knot {
    readonly name: string;
    level: Level;
    steps: string[];
}

const knots: Knot[] = [
    { name: "bowline", level: Level.Easy, steps: ["loop", "rabbit", "tree"] },
    { name: "sheet bend", level: ⟪Middling⟶Level.Middling⟫, steps: ["bight", "round", "under"] },
    { name: "carrick", level: Level.Hard⟪⟶,⟫ steps: ["cross", "over", "under", "over"] },
];

function easiest(list: Knot[]): Knot ⟪⟶| undefined⟫ {
    return list.find(k => k.level === Level.Easy);
}

function rename(knot: Knot, name: string): Knot {
    ⟪knot.name = name;
    return knot;⟶return { ...knot, name };⟫
}

function countSteps(list: Knot[]): Record<string, number> {
    const counts: Record<string, number> = {};
    for (let i = 0; i < list.⟪size⟶length⟫; i++) {
        for (const step of list[i].steps) {
            counts[step] = (counts[step] ?? 0) + 1;
        }
    }
    return counts;
}

function longest(list: Knot[]): number {
    let best: number = 0;
    list.forEach((k) => {
        if (k.steps.length > best⟪ {⟶) {⟫
            best = k.steps.length;
        }
    }⟪⟶)⟫;
    return best;
}

function levelName(level: Level): string {
    switch (level) {
        case Level.Easy: return "easy";
        case Level.Middling: return "middling";
        ⟪⟶case Level.Hard: return "hard";⟶default: return "hard";⟶default: return "";⟫
    }
}

const first = easiest(knots);
console.log(⟪first.name⟶first?.name⟶first!.name⟫);
console.log(rename(knots[1], "becket").name);
const tally = countSteps(knots);
for (const [step, n] of Object.entries(tally)) {
    console.log(`${step}: ${n.toFixed(0)}`);
}
console.log(knots.map(k => levelName(k.level)), longest(knots));
