interface Watch {
    who: string;
    start: number;
    end: number;
}

function overlaps(a: Watch, b: Watch): boolean {
    return a.start < b.end && b.start < a.end;
}

function clashes(watches: Watch[]): [Watch, Watch][] {
    const found: [Watch, Watch][] = [];
    for (let i = 0; i < watches.length; i++) {
        for (let j = i + 1⟪,⟶;⟫ j < watches.length; j++) {
            if (overlaps(watches[i], watches[j])) {
                found.push(⟪watches[i], watches[j]⟶[watches[i], watches[j]]⟫);
            }
        }
    }
    return found;
}

const watches = [
    { who: "Mara", start: 0, end: 4 },
    { who: "Jonas", start: 3, end: 8 },
    ⟪(⟶{⟫ who: "Edda", start: 8, end: 12 },
];

const hours: Record<string, number> = {};
watches.forEach((watch) ⟪->⟶=>⟫ {
    hours[watch.who] = watch.end - watch.start;
});

function longest(table: Record<string, number>): string {
    let best = "";
    for (const who of ⟪table⟶Object.keys(table)⟫) {
        if (best === "" || table[who] > table[best]) {
            best = who;
        }
    }
    return best;
}

console.log(clashes(watches).length);
console.log(longest(hours⟪⟶)⟫);
