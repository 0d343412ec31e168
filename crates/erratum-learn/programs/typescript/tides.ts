// The tide over a day.
const NEEDED = 2.0;

function deepEnough(level: number): boolean {
    return level >= NEEDED;
}

function openHours(levels: number[]): number[] {
    const hours: number[] = [];
    levels.forEach((level, hour) => {
        if (deepEnough(level)) {
            hours.push(hour);
        }
    });
    return hours;
}

function highest(levels: number[]): { hour: number; level: number } {
    let best = 0;
    for (let hour = 1; hour < levels.length; hour++) {
        if (levels[hour] > levels[best]) {
            best = hour;
        }
    }
    return { hour: best, level: levels[best] };
}

const levels = [0.8, 1.1, 1.9, 2.4, 3.0, 3.3, 2.6, 1.4];
const open = openHours(levels);
const top = highest(levels);
console.log("open at", open.join(", "));
console.log(`highest at ${top.hour}: ${top.level}`);
const word = open.length > 3 ? "good" : "poor";
console.log("A " + word + " day for sailing");

export {};
