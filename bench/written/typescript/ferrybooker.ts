export {};

type Deck = "upper" | "lower";

interface Booking {
    id: number;
    passenger: string;
    deck: Deck;
    bikes?: number;
}

interface Sailing {
    ferry: string;
    departs: Date;
    bookings: Booking[];
}

class BookingError extends Error {
    constructor(public readonly sailing: Sailing, ⟪message⟶message: string⟫) {
        super(message);
    }
}

class Booker {
    private next = 1;
    private sailings = new Map<string, Sailing>();

    add(sailing: Sailing): void {
        ⟪sailings⟶this.sailings⟫.set(sailing.ferry, sailing);
    }

    book(ferry: string, passenger: string, deck: Deck): Booking {
        const sailing = this.sailings.get(ferry);
        if (!sailing⟪⟶)⟫ {
            throw new Error("no such ferry " + ferry);
        }
        if (sailing.bookings.length ⟪=> 3⟶>= 3⟫) {
            throw new BookingError(sailing, "the ferry is full");
        }
        const booking: Booking = { ⟪id = this.next++⟶id: this.next++⟫, passenger, deck };
        sailing.bookings.push(booking);
        return booking;
    }

    bikesOn(ferry: string): number {
        const sailing = this.sailings.get(ferry);
        let total = 0;
        for (const b ⟪in⟶of⟫ sailing?.bookings ?? []) {
            total += ⟪b.bikes⟶b.bikes ?? 0⟶b.bikes || 0⟶b.bikes!⟫;
        }
        return total;
    }

    list(): string[] {
        return [...this.sailings.values()].map(s => ⟪{ s.ferry }⟶s.ferry⟶{ return s.ferry }⟶{ return s.ferry; }⟫);
    }
}

const booker = new Booker();
booker.add({ ferry: "Tern", departs: new Date(2031, 4, 2), bookings: [] });
booker.book("Tern", "Ines", ⟪"Upper"⟶"upper"⟫);
const second = booker.book("Tern", "Olaf", "lower");
second.bikes = ⟪"2"⟶2⟫;
console.log(booker.bikesOn("Tern"), booker.list().join(", "));
