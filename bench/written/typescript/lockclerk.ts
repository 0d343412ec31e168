export {};

type Direction = "up" | "down";

interface Passage {
    readonly id: number;
    boat: string;
    direction: Direction;
    length: number;
    paid?: number;
}

abstract class Queue<T> {
    protected items: T[] = [];

    abstract accepts(item: T): boolean;

    add(item: T): ⟪bool⟶boolean⟫ {
        if (⟪!accepts⟶!this.accepts⟫(item)) {
            return false;
        }
        this.items.⟪append⟶push⟫(item);
        return true;
    }

    next(): T | undefined {
        return this.items.shift();
    }

    size(): number {
        return this.items.length⟪()⟶⟫;
    }
}

class LockQueue extends Queue<Passage> {
    constructor(private readonly longest: number) {
        ⟪⟶super();⟫
    }

    accepts(item: Passage): boolean {
        return item.length <= this.longest;
    }

    byDirection(direction: Direction): Passage[] {
        return this.items.filter(passage => ⟪{ passage.direction === direction }⟶passage.direction === direction⟶{ return passage.direction === direction; }⟫);
    }
}

function toll(passage: Passage): number {
    let base = 0;
    switch (passage.direction) {
        case "up":
            base = 8;
            break;
        ⟪else⟶case "down"⟶default⟫:
            base = 6;
            break;
    }
    return base + passage.length * 0.5;
}

const queue = new LockQueue(⟪"18"⟶18⟫);
queue.add({ id: 1, boat: "Plover", direction: ⟪"North"⟶"up"⟶"down"⟫, length: 12 });
queue.add({ id: 2, boat: "Dunlin", direction: "down", ⟪lenght⟶length⟫: 9 });
queue.add({ id: 3, boat: "Knot", direction: "up", length: 17, paid: 10 });

const first = queue.next();
if (first) {
    ⟪first.id = 0;⟶⟫
    const open = toll(first) - ⟪first.paid⟶(first.paid ?? 0)⟶(first.paid || 0)⟶first.paid!⟫;
    console.log(`${first.boat} owes ${open.toFixed(2)}`);
}
const counts: { [direction in Direction]: number } = { up: 0, down: 0 };
for (const passage of queue.byDirection("up")⟪⟶)⟫ {
    counts[passage.direction] += 1;
}
console.log(counts, queue.size());
