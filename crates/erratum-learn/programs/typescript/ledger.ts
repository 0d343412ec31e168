// A ledger with kinds of entries that differ in shape.
interface Fee {
    kind: "fee";
    berth: number;
    amount: number;
}

interface Fuel {
    kind: "fuel";
    litres: number;
    price: number;
}

type Item = Fee | Fuel;

function value(item: Item): number {
    if (item.kind === "fee") {
        return item.amount;
    }
    return item.litres * item.price;
}

function byKind(items: Item[]): Record<string, number> {
    const sums: Record<string, number> = {};
    for (const item of items) {
        const before = sums[item.kind] ?? 0;
        sums[item.kind] = before + value(item);
    }
    return sums;
}

const items: Item[] = [
    { kind: "fee", berth: 3, amount: 45 },
    { kind: "fuel", litres: 120, price: 1.8 },
    { kind: "fee", berth: 7, amount: 30 },
];

const sums = byKind(items);
for (const kind of Object.keys(sums)) {
    console.log(kind + ": " + sums[kind].toFixed(2));
}
