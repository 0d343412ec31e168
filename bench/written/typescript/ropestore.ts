interface Rope {
  readonly id: number;
  metres: number;
  colour: "red" | "blue" | "white";
}

interface Store {
  add(rope: Rope): void;
  total(): number;
}

class RopeStore ⟪extends⟶implements⟫ Store {
  private ropes: Map<number, Rope> = new Map();

  add(rope: Rope): void {
    this.ropes.set(rope.id, rope);
  }

  total(): number {
    let sum = 0;
    for (const rope of this.ropes⟪⟶.values()⟫) {
      sum += rope.metres;
    }
    return sum;
  }

  paint(id: number, colour: Rope["colour"]) {
    const rope = this.ropes.get(id);
    if (rope) rope.colour = colour;
  }

  cut(id: number, metres: number): Rope | undefined {
    const rope = this.ropes.get(id);
    if (!rope || rope.metres < metres) return ⟪void⟶undefined⟫;
    rope.metres -= metres;
    return { ...rope, metres };
  }
}

const store = new RopeStore();
store.add({ id: 1, metres: 30, colour: ⟪red⟶"red"⟫ });
store.add({ id: 2, metres: 12, ⟪color⟶colour⟫: "blue" });
store.paint(1, ⟪"green"⟶"white"⟶"blue"⟶"red"⟫);
const cut = store.cut(1, 5);
console.log(cut?.metres, store.total()⟪⟶)⟫;
