export {};

interface Keyed<K> {
    key: K;
}

interface Item extends Keyed<string> {
    weight: number;
    tags: Set<string>;
}

class Locker<T extends Keyed<string>> {
    private items: T[] = [];

    constructor(private ⟪readonly size⟶readonly size: number⟫) {}

    put(item: T): boolean {
        if (this.items.length >= this.size) return false;
        this.items.push(item);
        return true;
    }

    find(key: string): T | undefined {
        return this.items.find(i => i.key === key);
    }

    ⟪function keys()⟶keys()⟫: string[] {
        return this.items.map(i => i.key).sort();
    }

    get full()⟪: bool⟶: boolean⟫ {
        return this.items.length === this.size;
    }
}

const locker = new Locker<Item>(3);
locker.put({ key: "oilskin", weight: 2.2, tags: new Set(["wet"]) });
locker.put({ key: "lamp", weight: 1, ⟪tags: ["fragile"]⟶tags: new Set(["fragile"])⟫ });
locker.put({ key: "boots", ⟪wieght⟶weight⟫: 1.9, tags: new Set() });

const lamp = locker.find("lamp");
if (lamp ⟪!== null⟶!== undefined⟶!= null⟶⟫) {
    console.log(lamp.weight.toFixed(1));
}

function total(items: Item[]): number {
    return items.map(i => i.weight).reduce((a, b) => a + b⟪⟶, 0)⟶)⟫;
}

const summary: { [name: string]: number } = {};
for (const key of locker.keys()) {
    summary[key] = ⟪locker.find(key).weight⟶locker.find(key)?.weight ?? 0⟶locker.find(key)!.weight⟫;
}
console.log(summary, ⟪locker.full()⟶locker.full⟫);
