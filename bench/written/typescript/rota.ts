type Shift = { who: string; hours: number };

const rota: Shift[] = [
    { who: "Ines", hours: 8 },
    { who: "Olaf", ⟪hour⟶hours⟫: 10 },
    { who: "Tove", hours: 6 },
];

function hoursOf(who: string): number {
    let sum = 0;
    for (const shift of rota) {
        if (shift.who == who) {
            sum += shift.hours;
        }
    }
    return ⟪sun⟶sum⟫;
}

function busiest(): string {
    let best = rota[0];
    rota.forEach(shift => {
        if (shift.hours > best.hours) {
            best = shift;
        }
    }⟪⟶)⟫;
    return best.who;
}

const busy: ⟪number⟶string⟫ = busiest();
console.log(busy + " " + hoursOf(⟪Ines⟶"Ines"⟫));
