export {};

interface Meter {
    id: string;
    readings: Array<⟪number, string⟶[number, string]⟫>;
    owner: string | null;
}

interface Bill {
    meter: string;
    used: number;
    amount: number;
    late: boolean;
}

const PRICE: number = 1.85⟪F⟶⟫;

function used(meter: Meter): number {
    const values = meter.readings.map(([value]) => value);
    const most = Math.max(⟪values⟶...values⟫);
    const least = Math.min(...values);
    return most - least;
}

function bill(meter: Meter, late?: boolean): Bill {
    const amount = used(meter) * PRICE;
    return {
        meter: meter.id,
        used: used(meter)⟪;⟶,⟫
        amount,
        late: ⟪late⟶late ?? false⟶late || false⟶!!late⟶late === true⟫,
    };
}

function ownerOf(meter: Meter): string {
    if (meter.owner ⟪is⟶===⟶==⟫ null) {
        return "nobody";
    }
    return meter.owner.⟪toUpper⟶toUpperCase⟫();
}

function parse(line: string): Meter {
    const [id, owner, ...rest] = line.split(";");
    const readings⟪: number[]⟶: [number, string][]⟫ = rest.map(part => {
        const [value, date] = part.split("@");
        return [⟪value⟶Number(value)⟶parseFloat(value)⟶+value⟫, date] as [number, string];
    });
    return { id, readings, ⟪owner = ⟶owner: ⟫owner === "" ? null : owner };
}

function group(bills: Bill[]): Record<string, Bill[]> {
    const groups: Record<string, Bill[]> = ⟪[]⟶{}⟫;
    for (const one of bills) {
        const key = one.late ? "late" ⟪,⟶:⟫ "open";
        (groups[key] ??= []).push(one);
    }
    return groups;
}

const lines = ["m1;Ada;12@may;19@june", "m2;;3@may;3.5@june"];
const meters = lines.map(⟪parse()⟶parse⟫);
const bills = meters.map((meter, index) => bill(meter, index ⟪% 2⟶% 2 === 0⟶% 2 === 1⟶% 2 == 1⟫));
for (const [name, list] of Object.entries(group(bills))) {
    const sum = list.reduce((total, one) => total + ⟪one⟶one.amount⟫, 0);
    console.log(`${name}: ${sum.toFixed(2)}`⟪⟶)⟫;
}
const latest: Bill = bills⟪.last()⟶[bills.length - 1]⟫;
console.log(ownerOf(meters[0]), latest.⟪Amount⟶amount⟫);
⟪bills.sort((a, b) => a.amount > b.amount);⟶bills.sort((a, b) => a.amount - b.amount);⟫
