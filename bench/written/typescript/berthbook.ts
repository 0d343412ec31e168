interface Booking {
  id: number;
  ship: string;
  ⟪from; Date⟶from: Date⟫;
  nights: number;
}

class BerthBook {
  private bookings: Booking[] = [];
  private next = 1;

  add(ship: string, from: Date, nights: number): Booking {
    const booking = { id: ⟪next⟶this.next⟫, ship, from, nights };
    this.next++;
    this.bookings.push(booking);
    return booking;
  }

  nightsOf(ship: string): number {
    let sum = 0;
    for (const b ⟪in⟶of⟫ this.bookings) {
      if (b.ship === ship) sum += b.nights;
    }
    return sum;
  }

  find(id: number): Booking {
    return this.bookings.find(b => b.id === id)⟪⟶!⟫;
  }

  cancel(id: number): boolean {
    const before = this.bookings.length;
    this.bookings = this.bookings.filter(⟪(⟶⟫b => b.id !== id);
    return this.bookings.length < before;
  }
}

const book = new BerthBook();
book.add("heron", new Date(2026, 4, 1), ⟪"3"⟶3⟫);
console.log(book.nightsOf("heron"));
console.log(book.⟪nightOf⟶nightsOf⟫("tern"));
console.log(book.cancel(1));
