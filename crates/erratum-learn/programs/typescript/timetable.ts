// Sailings of a day.
interface Sailing {
    readonly hour: number;
    readonly minute: number;
    readonly from: string;
    readonly seats: number;
}

const day: Sailing[] = [
    { hour: 7, minute: 15, from: "North", seats: 40 },
    { hour: 9, minute: 30, from: "Mole", seats: 28 },
    { hour: 18, minute: 5, from: "North", seats: 44 },
];

function time(sailing: Sailing): string {
    const pad = (value: number): string => (value < 10 ? "0" + value : "" + value);
    return pad(sailing.hour) + ":" + pad(sailing.minute);
}

function next(hour: number, minute: number): Sailing | null {
    for (const sailing of day) {
        const later = sailing.hour > hour || (sailing.hour === hour && sailing.minute >= minute);
        if (later) {
            return sailing;
        }
    }
    return null;
}

function seatsFrom(pier: string): number {
    return day.filter(one => one.from === pier).reduce((sum, one) => sum + one.seats, 0);
}

const coming = next(9, 31);
if (coming !== null) {
    console.log("next: " + time(coming) + " from " + coming.from);
} else {
    console.log("no more sailings today");
}
console.log("North: " + seatsFrom("North") + " seats");
