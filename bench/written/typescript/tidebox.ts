export {};

interface Tide {
    place: string⟪,,⟶;⟶,⟫
    height: number;
    at: Date;
}

type Level = "low" | "high" | "spring";

class TideBox {
    private tides: Tide[]⟪⟶ = []⟫;
    readonly place: string;

    constructor(place⟪ string⟶: string⟫) {
        ⟪place = place⟶this.place = place⟫;
    }

    add(height: number, at = new Date()): ⟪Void⟶void⟫ {
        this.tides.⟪append⟶push⟫({ place: this.place, height, at });
    }

    mean(): number {
        if (this.tides.length === 0) {
            return ⟪"none"⟶0⟶NaN⟫;
        }
        let sum = 0;
        for (const t ⟪in⟶of⟫ this.tides) {
            sum += t.height;
        }
        return sum / this.tides.length;
    }

    level(height: number): Level {
        if (height > 6) {
            return "spring";
        } ⟪elif⟶else if⟫ (height > 3) {
            return "high";
        }
        return ⟪"Low"⟶"low"⟫;
    }
}

const boxes = new Map<string, TideBox>();

function boxFor(place: string): TideBox {
    let box = boxes.get(place);
    if (!box) {
        box = new TideBox(place);
        boxes.set(place⟪⟶, box⟫);
    }
    return box;
}

boxFor("Fort").add(4.1);
boxFor("Fort").add(⟪"6.4"⟶6.4⟫);
boxFor("Mill")⟪->⟶.⟫add(2.2);

⟪foreach (const [place, box] of boxes)⟶for (const [place, box] of boxes)⟫ {
    console.log(`${place}: ${box.mean().toFixed(1)}`);
}

const fort = ⟪boxes.get("Fort")⟶boxes.get("Fort")!⟫;
console.log(fort.level(fort.mean()));
⟪fort.place = "Old Fort"⟶⟫;
const names: ⟪string⟶string[]⟫ = [...boxes.keys()];
console.log(names.sort().join(", ")⟪⟶)⟫;
