interface Item {
  id: number;
  label: string;
  weight?: number;
}

type Result<T> = { ok: true; value: T } | { ok: false; error: string };

class Locker<T extends Item> {
  private items: T[] = [];

  constructor(private capacity: number) {}

  put(item: T): Result<number> {
    if (this.items.length >= this.capacity) {
      return { ok: false, ⟪message⟶error⟫: "full" };
    }
    this.items.push(item);
    return { ok: true, value⟪=⟶: ⟫this.items.length };
  }

  find(label: string): T | undefined {
    return this.items.find((i) => i.label ⟪equals⟶===⟶≡==⟫ label);
  }

  total(): number {
    let total = 0;
    this.items.forEach(⟪function item⟶(item) =>⟶function (item)⟫ {
      total += item.weight ?? 0;
    });
    return total;
  }

  get full(): boolean {
    return this.items.length === this.capacity;
  }
}

function describe(item: Item): string {
  const weight = item.weight !== undefined ? item.weight + "kg" ⟪else⟶:⟫ "?";
  return item.label + " (" + weight + ")";
}

const locker = new Locker<Item>(⟪"2"⟶2⟫);
locker.put({ id: 1, label: "rope", weight: 4 });
locker.put({ id: 2, label: "buoy" });
const res = locker.put({ id: 3⟪ ⟶, ⟫label: "flag" });
if (⟪not ⟶!⟫res.ok) {
  console.log("refused: " + res.error);
}
const rope = locker.find("rope");
console.log(describe(⟪rope⟶rope!⟫));
console.log(locker.full⟪()⟶⟫ ? "full" : "room");
const sum: ⟪string⟶number⟫ = locker.total();
console.log(sum);
