// Berths of the harbour and the boats in them.
type Side = "north" | "south";

interface Berth {
    number: number;
    side: Side;
    length: number;
    boat?: string;
}

const berths: Berth[] = [
    { number: 1, side: "north", length: 24, boat: "Gull" },
    { number: 2, side: "north", length: 30 },
    { number: 3, side: "south", length: 18, boat: "Tern" },
];

function free(side: Side): Berth[] {
    return berths.filter(berth => berth.side === side && berth.boat === undefined);
}

function longest(all: Berth[]): Berth | undefined {
    let best: Berth | undefined = undefined;
    for (const berth of all) {
        if (best === undefined || berth.length > best.length) {
            best = berth;
        }
    }
    return best;
}

function moor(boat: string, length: number): boolean {
    const place = berths.find(berth => berth.boat === undefined && berth.length >= length);
    if (place === undefined) {
        return false;
    }
    place.boat = boat;
    return true;
}

console.log(moor("Petrel", 26));
console.log(free("south").length);
const first = longest(berths);
if (first !== undefined) {
    console.log(first.number, first.length);
}
