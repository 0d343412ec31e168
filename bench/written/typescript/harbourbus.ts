export {};

enum Line { North = "N", Ring = "R" }

interface Stop {
    readonly id: number;
    name: string;
    lines: Line[];
    next?: ⟪stop⟶Stop⟫;
}

type Timetable = { [line in Line]: string[] };
type Handler<T> = (value: T) => void;

class Bus<T⟪ : ⟶ extends ⟫{ name: string }> {
    private handlers: Handler<T>[] = [];

    on(handler: Handler<T>)⟪ -> ⟶: ⟫() => void {
        this.handlers.push(handler);
        return () => {
            this.handlers = this.handlers.filter(h => h ⟪!= =⟶!==⟫ handler);
        };
    }

    emit(value: T): void {
        for (let handler of this.handlers) ⟪handler.value⟶handler(value)⟫;
    }
}

const stops = new Map<number, Stop>();
const table: Timetable = { N: ["08:00", "09:30"]⟪⟶, R: []⟶, R: ["10:00"]⟫ };

function addStop(id: number, name: string, ...lines: Line[]): Stop {
    const stop: Stop = { id, name, ⟪line⟶lines⟫ };
    stops.set(id, stop);
    return stop;
}

function minutes(time: string): number {
    const [h, m] = time.split(":").map(Number);
    return h * 60 + m;
}

function describe(stop: Stop | null): string {
    if (stop === null) throw new Error("no stop");
    const lines = stop.lines.map((l) => ⟪{ l.toLowerCase() }⟶l.toLowerCase()⟶{ return l.toLowerCase(); }⟫);
    return `${stop.name}: ${lines.join("/")⟪⟶}⟫`;
}

function waits(line: Line, now: string): number[] {
    const from = minutes(now);
    return table⟪.line⟶[line]⟫.map(minutes).filter(m => m >= from).map(m => m - from);
}

const bus = new Bus<Stop>();
const off = bus.on(stop => console.log(describe(stop)));
const mill = addStop(1, "Mill", Line.North);
const fort = addStop(2, "Fort", ⟪"R"⟶Line.Ring⟫);
mill.next = fort;
bus.emit(mill);
off();
const next: Stop = ⟪mill.next.next⟶mill.next⟶mill.next.next!⟫;
console.log(next.name⟪⟶)⟫;
let total = 0;
for (const w ⟪in⟶of⟫ waits(Line.North, "08:10")) total += w;
console.log(total.toFixed(⟪"1"⟶1⟫));
