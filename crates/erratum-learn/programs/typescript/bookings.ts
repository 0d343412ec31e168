// Bookings of seats on a sailing.
class Booking {
    readonly name: string;
    readonly seats: number;

    constructor(name: string, seats: number) {
        this.name = name;
        this.seats = seats;
    }
}

class Sailing {
    private bookings = new Map<string, Booking>();

    constructor(readonly hour: number, readonly capacity: number) {}

    taken(): number {
        let total = 0;
        this.bookings.forEach(booking => {
            total += booking.seats;
        });
        return total;
    }

    add(booking: Booking): void {
        if (this.taken() + booking.seats > this.capacity) {
            throw new Error("no room for " + booking.name);
        }
        this.bookings.set(booking.name, booking);
    }

    cancel(name: string): boolean {
        return this.bookings.delete(name);
    }
}

const morning = new Sailing(7, 12);
try {
    morning.add(new Booking("Ansel", 4));
    morning.add(new Booking("Birte", 9));
} catch (problem) {
    console.log("refused:", String(problem));
}
morning.cancel("Ansel");
console.log(morning.hour, morning.taken());
