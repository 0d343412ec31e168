type Dues = {
    length: number;
    nights: number;
    member: boolean;
};

const RATE = 2.4;

function dues(stay: Dues): number {
    let sum = stay.length * stay.nights * RATE;
    if (stay.member ⟪=⟶===⟶==⟫ true) {
        sum = sum * 0.9;
    }
    return sum;
}

function nights(from: Date, to: Date): number {
    const ms = to⟪⟶.getTime()⟫ - from⟪⟶.getTime()⟫;
    return Math.ceil(ms / (1000 * 60 * 60 * 24));
}

function bill(stays: Dues[]): string {
    const lines⟪⟶: string[]⟶: Array<string>⟫ = [];
    for (const stay of stays) {
        lines.push(⟪dues(stay)⟶dues(stay).toFixed(2)⟶String(dues(stay))⟶`${dues(stay)}`⟶dues(stay).toString()⟫);
    }
    return lines.join("\n");
}

const RATES = { summer: 2.4, winter: 1.6 };
function season(month: number): ⟪string⟶"summer" | "winter"⟶keyof typeof RATES⟫ {
    return month > 3 && month < 10 ? "summer" ⟪;⟶:⟫ "winter";
}

console.log(RATES[season(5)]);
console.log(bill([{ length: 9, nights: nights(new Date(2026, 5, 1), new Date(2026, 5, 4)), member: true }]));
