interface Rope {
  id: string;
  metres: number;
  fibre: "hemp" | "nylon";
}

type Order = {
  rope: Rope;
  count: number;
  due?: Date;
};

class Store {
  private ropes = new Map<string, Rope>();
  orders: Order[] = [];

  add(rope: Rope): void {
    this.ropes.set(⟪rope⟶rope.id, rope⟫);
  }

  find(id: string): Rope | undefined {
    return this.ropes⟪[id]⟶.get(id)⟫;
  }

  order(id: string, count: number): ⟪Order⟶Order | undefined⟫ {
    const rope = this.find(id);
    if (rope === undefined) {
      return undefined;
    }
    const order = { rope, count };
    this.orders.push(order);
    return order;
  }

  metres(): number {
    let sum = 0;
    ⟪foreach⟶for⟫ (const o of this.orders) {
      sum += o.rope.metres * o.count;
    }
    return sum;
  }

  late(now: Date): Order[] {
    return this.orders.filter(⟪o.due < now⟶o => o.due !== undefined && o.due < now⟶o => o.due! < now⟫);
  }
}

const store = new Store(⟪⟶)⟫;
store.add({ id: "r1", metres: 40, fibre: "hemp" });
store.add({ id: "r2", metres: 25, fibre: ⟪"cotton"⟶"hemp"⟶"nylon"⟫ });
store.order("r1", ⟪"2"⟶2⟫);
const first = store.find("r1");
console.log(⟪first.metres⟶first?.metres⟶first!.metres⟫);
console.log(`total ${⟪store.meters()⟶store.metres()⟫}`);
