interface Booking {
  id: number;
  name: string;
  seats: number;
  paid?: boolean;
}

type Outcome = "ok" | "full" | "unknown";

class Desk {
  private bookings: Booking[] = [];
  private ⟪let ⟶⟫next = 1;

  constructor(private capacity: number) {}

  book(name: string, seats: number): Outcome {
    if (this.used() + seats > this.⟪Capacity⟶capacity⟫) {
      return "⟪Full⟶full⟫";
    }
    this.bookings.push({ id: this.next++, name, ⟪seats = seats⟶seats: seats⟫ });
    return "ok";
  }

  used(): number {
    return this.bookings.reduce((sum, b) => sum + b.seats⟪⟶, 0⟫);
  }

  pay(id: number): Outcome {
    const found = this.bookings.find(b => b.id === id);
    if (found === undefined) {
      return "unknown";
    }
    ⟪found->paid⟶found.paid⟫ = true;
    return "ok";
  }

  names(): string[] {
    return this.bookings.map((b) => { ⟪⟶return ⟫b.name; });
  }
}

const desk = ⟪⟶new ⟫Desk(40);
console.log(desk.book("Rhona", 4));
console.log(desk.book("Callum", ⟪"2"⟶2⟫));
console.log(desk.pay(1), desk.used(), desk.names().join(", ")⟪⟶)⟫;
