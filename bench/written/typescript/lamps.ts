abstract class Lamp {
    constructor(protected name: string) {}
    abstract period(): number;
    describe(): string {
        return this.name + " every " + this.period() + " s";
    }
}

class Flash extends Lamp {
    private seconds: number;

    constructor(name: string, seconds: number) {
        ⟪⟶super(name);
        ⟫this.seconds = seconds;
    }

    period(): number {
        return this.seconds⟪⟶;
    }⟫
}

class Fixed extends Lamp {
    ⟪⟶period(): number {
        return 0;
    }⟫
}

const lamps: Lamp[] = [new Flash("mole", 4), new Fixed("pier")];
lamps.forEach(⟪function⟶⟫ (lamp) => {
    console.log(lamp.describe());
});
let longest: number = ⟪Max⟶Math.max⟫(...lamps.map(lamp => lamp.period()));
console.log(longest);
