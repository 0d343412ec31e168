class Mooring {
    taken: boolean;
    vessel: string | null;

    constructor(public id: number, public length: number) {
        this.taken = false;
        this.vessel = null;
    }

    take(vessel: string, length: number): boolean {
        if (this.taken || length > this.⟪size⟶length⟫) {
            return false;
        }
        this.taken = true;
        ⟪⟶this.⟫vessel = vessel;
        return true;
    }

    leave()⟪ -> ⟶: ⟫void {
        this.taken = false;
        this.vessel = null;
    }
}

const moorings: Mooring[] = [];
for (let i = 1; i <= 3; i++) {
    moorings.push(new Mooring(i⟪⟶, 10⟶, i⟶, 0⟫));
}

function place(vessel: string, length: number): Mooring | null {
    for (const mooring of moorings) {
        if (mooring.take(vessel, length)) {
            return mooring;
        }
    }
    ⟪⟶return null;⟫
}

const first = place("Alba", 8);
if (first ⟪=!⟶!==⟶!=⟫ null) {
    console.log(first.id, first.vessel);
}
⟪const⟶let⟫ free = 0;
for (const mooring of moorings) {
    if (!mooring.taken) free++;
}
console.log(free);
