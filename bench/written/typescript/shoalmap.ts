export {};

type Point = { x: number; y: number };
type Shoal =
    | { kind: "sand"; at: Point; radius: number }
    | { kind: "rock"; at: Point }
    | { kind: "wreck"; at: Point; name: string };

const shoals: Shoal[] = [
    { kind: "sand", at: { x: 2, y: 5 }, radius: 3 },
    { kind: "rock", at: ⟪(4, 7)⟶{ x: 4, y: 7 }⟫ },
    { kind: "wreck", at: { x: 9, y: 1 }⟪⟶, name: "Heron"⟶, name: ""⟫ },
];

function distance(a: Point, b: Point): number {
    const dx = a.x - b.x;
    ⟪dy⟶const dy⟶let dy⟫ = a.y - b.y;
    return Math.⟪squareRoot⟶sqrt⟫(dx * dx + dy * dy);
}

function reach(shoal: Shoal): number {
    if (shoal.kind === "sand") {
        return shoal.radius;
    } else if (shoal.kind === ⟪"stone"⟶"rock"⟫) {
        return 1;
    }
    return 2 + ⟪shoal⟶shoal.name⟫.length / 10;
}

class Course {
    private points: Point[] = [];
    public static readonly margin = 0.5;

    constructor(⟪start Point⟶start: Point⟫) {
        this.points.push(start);
    }

    to(x: number, y: number): this {
        this.points.push({ x, y });
        return this;
    }

    safe(shoal: Shoal): boolean {
        return this.points.every(point => distance(point, shoal.at) > reach(shoal) + ⟪this.margin⟶Course.margin⟫);
    }

    get length(): number {
        let sum = 0;
        for (let i = 1; i < this.points.length; ⟪i+⟶i++⟶i += 1⟫) {
            sum += distance(this.points[i - 1], this.points[i]);
        }
        return sum;
    }
}

const course = new Course({ x: 0, y: 0 }).to(3⟪ ⟶, ⟫3).to(6, 8);
const bad: Shoal[] = [];
⟪foreach⟶for⟫ (const shoal of shoals) {
    if (⟪not ⟶!⟫course.safe(shoal)) {
        bad.push(shoal⟪.kind⟶⟫);
    }
}
console.log(`${bad.length} of ${shoals.length}`);
console.log("length " + course.⟪length()⟶length⟫.toFixed(1));
⟪course.points⟶course⟫.to(1, 1);
const names = new Set<string>();
for (const shoal of bad) {
    if (shoal.kind === "wreck") names.⟪push⟶add⟫(shoal.name);
}
console.log([...names].join(⟪", ⟶", "⟫));
