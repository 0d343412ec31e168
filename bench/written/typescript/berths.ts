interface Berth {
    number: number;
    boat: string | null;
    length: number;
}

class Quay {
    private berths: Berth[] = [];

    add(length: number): void {
        const number = this.berths.length + 1;
        this.berths.push({ number, boat: null, ⟪⟶length ⟫});
    }

    dock(boat: string, length: number): Berth | undefined {
        for (const berth of this.berths) {
            if (berth.boat === null && berth.length >= length⟪⟶)⟫ {
                berth.boat = boat;
                return berth;
            }
        }
        return undefined;
    }
}

const quay = new Quay();
quay.add(12);
quay.add(⟪"20"⟶20⟫);
const found = quay.dock("Skua", 15);
console.log(found⟪.⟶?.⟶!.⟫number);
console.log(quay.⟪Dock⟶dock⟫("Petrel", 10));
