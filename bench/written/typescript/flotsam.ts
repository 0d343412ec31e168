export {};

interface Item<T> {
    value: T;
    weight: number;
    next: Item<T> | null;
}

class PriorityList<T> {
    private head: Item<T> | null = null;
    private count = 0;

    insert(value: T, weight: number): void {
        const item: Item<T> = { value, weight⟪⟶, next: null⟫ };
        if (this.head === null || weight < this.head.weight) {
            item.next = ⟪head⟶this.head⟫;
            this.head = item;
        } else {
            let at: Item<T> = this.head;
            while (at.next !== null && at.next.weight <= weight) {
                at = at.next;
            }
            item.next = at.next;
            at.next = item;
        }
        this.count⟪ + 1⟶ += 1⟶++⟫;
    }

    shift(): T {
        if (this.head ⟪== None⟶=== null⟶== null⟫) {
            throw new Error("empty");
        }
        const first = this.head;
        this.head = first.⟪Next⟶next⟫;
        this.count -= 1;
        return first⟪⟶.value⟫;
    }

    get length(): number {
        return this.count;
    }

    toArray(): T[] {
        const out⟪ = T[]⟶: T[] = []⟫;
        for (let at = this.head; at !== null; at = at.next) {
            out.push(at.value);
        }
        return out;
    }
}

type Wreckage = { name: string; found: Date };

const list = new PriorityList⟪(Wreckage)⟶<Wreckage>⟫();
list.insert({ name: "plank", found: ⟪Date.now()⟶new Date()⟫ }, 4);
list.insert({ name: "crate", found: new Date() }⟪⟶, 2⟶, 1⟫);
list.insert({ name: "buoy", found: new Date() }, ⟪'1'⟶1⟫);

while (list.length⟪() > 0⟶ > 0⟫) {
    const piece = list.shift();
    console.log(`${piece.name} ${piece.found.getFullYear()}`⟪⟶)⟫;
}
const names = list.toArray().map(⟪function(w) => w.name⟶w => w.name⟶function(w) { return w.name; }⟫);
console.log(names.⟪size⟶length⟫);
