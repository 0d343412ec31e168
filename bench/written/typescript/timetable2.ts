type Day = "mon" | "tue" | "sat";

interface Sailing {
    from: string;
    to: string;
    minutes: number;
    days: Day[];
    cancelled?: boolean;
}

class Timetable {
    private sailings: ⟪Sailing⟶Sailing[]⟶Array<Sailing>⟫ = [];

    add(sailing: Sailing): ⟪Void⟶void⟫ {
        this.sailings.push(sailing);
    }

    ⟪function on⟶on⟫(day: Day): Sailing[] {
        return this.sailings.filter(s => s.days.includes(day) && !s.cancelled⟪⟶)⟫;
    }

    longest(): Sailing ⟪or⟶|⟫ undefined {
        let best: Sailing | undefined = undefined;
        for (const sailing ⟪in⟶of⟫ this.sailings) {
            if (best === undefined || sailing.minutes > best.minutes) {
                best = sailing;
            }
        }
        return best;
    }

    total(): number {
        return ⟪sailings⟶this.sailings⟫.reduce((sum, s) => sum + s.minutes, 0);
    }
}

const table = ⟪⟶new ⟫Timetable();
table.add({ from: "Quay", to: "Island", minutes: ⟪"35"⟶35⟫, days: ["mon", "sat"] });
table.add({ from: "Island", to: "Quay", minutes: 40, days: [⟪"sun"⟶"sat"⟶"mon"⟶"tue"⟫] });
table.add({ from: "Quay", to: "Bar", days: ["tue"]⟪⟶, minutes: 0⟫ });

const longest = table.longest();
console.log(`longest: ${⟪longest.minutes⟶longest?.minutes⟶longest!.minutes⟫}`);
for (const s of table.on("mon")) {
    console.log(s.from ⟪.⟶+⟫ " to " + s.to);
}
const hours: number = ⟪(table.total() / 60).toFixed(1)⟶table.total() / 60⟶Number((table.total() / 60).toFixed(1))⟫;
console.log(hours);
