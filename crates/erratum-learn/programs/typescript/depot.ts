// The fuel depot on the pier.
class Tank {
    private level: number;

    constructor(public readonly name: string, private readonly size: number) {
        this.level = size / 2;
    }

    fill(amount: number): number {
        const room = this.size - this.level;
        const taken = Math.min(room, amount);
        this.level += taken;
        return amount - taken;
    }

    draw(amount: number): boolean {
        if (amount > this.level) {
            return false;
        }
        this.level -= amount;
        return true;
    }

    percent(): number {
        return Math.round((100 * this.level) / this.size);
    }
}

function spread(tanks: Tank[], delivery: number): number {
    let left = delivery;
    let index = 0;
    while (left > 0 && index < tanks.length) {
        left = tanks[index].fill(left);
        index++;
    }
    return left;
}

const tanks = [new Tank("east", 1000), new Tank("west", 400)];
const rest = spread(tanks, 900);
console.log("left over:", rest);
tanks.forEach((tank, number) => console.log(number + 1, tank.name, tank.percent() + " %"));
if (!tanks[1].draw(500)) {
    console.log("not enough fuel");
}
