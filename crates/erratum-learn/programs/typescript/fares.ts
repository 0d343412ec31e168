// What a crossing costs.
const BASE = 3.5;
const PER_ZONE = 1.25;

function fare(zones: number, child: boolean): number {
    const full = BASE + PER_ZONE * zones;
    return child ? full / 2 : full;
}

function group(sizes: number[], zones: number): number {
    let total = 0;
    for (let i = 0; i < sizes.length; i++) {
        total += sizes[i] * fare(zones, false);
    }
    if (total > 100) {
        total = total * 0.9;
    }
    return total;
}

function label(amount: number): string {
    const euros = Math.floor(amount);
    const cents = Math.round((amount - euros) * 100);
    return euros + "." + cents.toString().padStart(2, "0");
}

const table: number[][] = [];
for (let zones = 1; zones <= 4; zones++) {
    table.push([zones, fare(zones, false), fare(zones, true)]);
}
table.forEach(row => console.log(row[0], label(row[1]), label(row[2])));
console.log("group:", label(group([4, 7, 12], 2)));
