// The timetable of the harbour ferry.
interface Sailing {
    hour: number;
    seats: number;
    fare: number;
}

function takings(day: Sailing[]): number {
    lte total = 0;
    for (const one of day) {
        total += one.seats * one.fare;
    }
    return total;
}

function latest(day: Sailing[]): number {
    let hour = 0;
    for (const one of day {
        hour = Math.max(hour, one.huor);
    }
    return hour;
}

const day: Sailing[] = [
    { hour: 7, seats: 40, fare: 3.5 },
    { hour: 9, seats: 28, fare: 3.5 },
    { hour: 18, seats: 44, fare: 4 },
];
console.log("Takings:", takings(day));
console.log("Last sailing:", latset(day));
