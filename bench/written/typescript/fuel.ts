class Tank {
    readonly capacity: number;
    private litres = 0;

    constructor(capacity: number) {
        this.capacity = capacity;
    }

    fill(amount: number): number {
        const room = this.capacity - this.litres;
        const used = Math.min(room, amount);
        this.litres += used;
        return used;
    }

    level(): number { return this.litres / this.capacity; }
}

function report(tank: Tank)⟪ -> ⟶: ⟫string {
    const percent = (tank.level() * 100).toFixed(0);
    return percent + "%";
}

const tank = new Tank(80);
tank.fill(50);
const rest: ⟪int⟶number⟫ = tank.fill(40);
console.log(rest);
let note: string = ⟪null⟶""⟶"none"⟫;
console.log(report(tank), note, tank.⟪level⟶level()⟫ > 0.5);
