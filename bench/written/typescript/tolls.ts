type Zone = "inner" | "outer";

const fares: Record<Zone, number> = { inner: 2.5, outer: 4 };

function toll(zone: Zone, people: number): number {
⟪    const fare = fares[zone]
    fare = fare + 1;⟶    const fare = fares[zone];⟫
    if (people > 4) {
        return fare * people * 0.8;
    }
    return fare * people;
}

function label(zone: Zone): ⟪number⟶string⟫ {
    switch (zone) {
        case "inner":
            return "Inner harbour";
        case "outer":
            return "Outer harbour";
    }
}

async function read(): Promise<number[]> {
    return [3, 5];
}

async function main(): Promise<void> {
    const groups = ⟪⟶await ⟫read();
    for (const people of groups) {
        console.log(label("outer"), toll(⟪outer⟶"outer"⟫, people).toFixed(2));
    }
}

main();
