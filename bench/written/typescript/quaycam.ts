interface Frame {
    at: string;
    ships: string[];
}

const shots: Frame[] = [
    { at: "06:10", ships: ["Alba"] },
    { at: "07:45", ships: ["Alba", "Brisa"] },
    { at: ⟪07:55⟶"07:55"⟫, ships: [] },
];

function seen(ship: string): string[] {
    const times: string[] = [];
    for (const frame of shots) {
        if (frame.ships.⟪contains⟶includes⟫(ship)) {
            times.push(frame.at);
        }
    }
    return times;
}

function first(ship: string): string {
    const times = seen(ship);
    if (times.length == 0) {
        return ⟪null⟶""⟶"never"⟶"none"⟫;
    }
    return times[0];
}

function busiest(): Frame {
    let best = shots[0];
    for (const frame of shots) {
        if (frame.ships.length > best.⟪length⟶ships.length⟫) {
            best = frame;
        }
    }
    return best;
}

const minutes = (text: string): number => {
    const [hours, rest] = text.split(":");
    return ⟪hours⟶Number(hours)⟶parseInt(hours)⟶+hours⟶parseInt(hours, 10)⟫ * 60 + Number(rest);
};

console.log(first("Alba"), busiest().at);
console.log(minutes("07:45"⟪⟶)⟫);
