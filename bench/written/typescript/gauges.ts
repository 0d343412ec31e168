type Reading = { place: string; value: number };

function parse(lines: string[]): Reading[] {
    const all: Reading[] = [];
    for (const line of lines) {
        const [place, value] = line.split("=");
        all.push({ place, value: ⟪value⟶Number(value)⟶≡parseFloat(value)⟶≡+value⟫ });
    }
    return all;
}

function mean(all: Reading[]): number {
    let sum = 0;
    for (let i = 0; i < all.length; i++) {
        sum += all[i].value;
    ⟪⟶}
⟫    return sum / all.length;
}

function highest(all: Reading[]): Reading {
    return all.reduce((a, b) => (a.value > b.value ? a ⟪; ⟶: ⟫b));
}

const all = parse(["mole=3.5", "pier=4.25"]);
const best: ⟪reading⟶Reading⟫ = highest(all);
console.log(best.place⟪ ⟶, ⟫mean(all).toFixed(2));
