class Boat {
    private hired: boolean = false;
    constructor(public readonly name: string, public rate: number) {}

    hire(): void {
        this.hired = true;
    }

    isFree(): boolean {
        return !⟪⟶this.⟫hired;
    }
}

class Punt extends Boat {
    constructor(name: string) {
        ⟪⟶super(name, 8);⟶super(name, 0);⟶super(name, 1);⟫
    }

    cost(hours: number): number {
        return this.rate * hours;
    }
}

const boats: Boat[] = [new Boat("Wren", 12), ⟪⟶new ⟫Punt("Reed")];
boats[0].hire();

function free(all: Boat[]): string[] {
    return all.filter((boat) => boat.isFree()).map((boat) => ⟪boat⟶boat.name⟫);
}

function bill(boat: Boat, hours: number): number {
    if (hours < 1) {
        throw new Error(`too short: ${hours}⟪⟶`⟫);
    }
    return boat.rate * hours;
}

console.log(free(boats).join(", "));
console.log(bill(boats[0], ⟪'3'⟶3⟫));
console.log(boats.⟪lenght⟶length⟫);
