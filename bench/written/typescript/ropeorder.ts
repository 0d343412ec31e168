type Status = "new" | "cut" | "sent";

interface Order {
  id: number;
  metres: number;
  status: Status;
}

class Store {
  private orders: Map<number, Order> = ⟪new Map<number>()⟶new Map<number, Order>()⟶new Map()⟫;
  private next: number = 1;

  create(metres: number): Order {
    const order = { id: this.next, metres⟪⟶, status: "new" as Status⟫ };
    this.next++;
    this.orders.set(order.id, order);
    return order;
  }

  advance(id: number): void {
    const order = this.orders.get(id);
    if (!order) throw new Error("no order " + id);
    switch (order.status) {
      case "new":
        order.status = ⟪"cutting"⟶"cut"⟫;
        break;
      case "cut"⟪;⟶:⟫
        order.status = "sent";
        break;
      ⟪else⟶default⟫:
        console.log("already sent");
    }
  }

  total(): number {
    let sum = 0;
    this.orders.forEach((order⟪⟶) ⟫=> {
      sum += order.metres;
    });
    return sum;
  }

  find(metres: number): Order[] {
    return Array.from(this.orders.values()).filter(o => o.metres ⟪=⟶===⟶≡==⟫ metres);
  }
}

const store: Store = ⟪Store()⟶new Store()⟫;
store.create(20);
store.create(⟪"35"⟶35⟫);
store.advance(1);
console.log(store.total(), store.find(20).length);
