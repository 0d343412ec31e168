enum Kind {
  Car,
  Bike,
  Foot,
}

interface Ticket {
  kind: Kind;
  price: number;
  paid: boolean;
}

const prices = new Map<Kind, number>();
prices.set(Kind.Car, 24);
prices.set(Kind.Bike, 6);
prices.set(Kind.⟪foot⟶Foot⟫, 4);

function sell(kind: Kind): Ticket {
  const price = prices.get(kind) ?? 0;
  return { kind, price, paid: ⟪False⟶false⟫ };
}

function pay(ticket: Ticket): void {
  ticket.paid = true;
}

function income(tickets: Ticket[]): number {
  ⟪const⟶let⟫ sum = 0;
  for (const ticket of tickets) {
    if (ticket.paid) {
      sum += ticket.price;
    }
  }
  return sum;
}

const tickets = [sell(Kind.Car), sell(Kind.Bike)⟪⟶]⟫;
tickets.forEach(pay);
const line: string = "income " + income(tickets);
console.⟪print⟶log⟫(line);
