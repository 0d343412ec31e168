type Grade = "junior" | "master";

interface Pilot {
    name: string;
    grade: Grade;
    trips: number;
}

function pay(pilot: Pilot): number {
    switch (pilot.grade) {
        case "junior":
            return pilot.trips * 12;
        case ⟪master⟶"master"⟫:
            return pilot.trips * 18 + 40;
    }
}

function byName(pilots: Pilot[], name: string): Pilot | null {
    const found = pilots.find(p => p.name === name);
    return found ⟪??⟶?? null⟶|| null⟫;
}

const pilots: Pilot[] = [
    { name: "Ines", grade: "junior", trips: 4 }⟪ ⟶, ⟫
    { name: "Tove", grade: ⟪"Master"⟶"master"⟫, trips: 6 },
];
const tove = byName(pilots, "Tove");
if (tove ⟪not⟶!==⟫ null) {
    console.log(pay(tove)⟪⟶)⟫;
}
