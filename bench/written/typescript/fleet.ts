interface Named {
    name: string;
}

interface Vessel extends Named {
    seats: number;
    speed: number;
}

class Fleet⟪⟶<T extends Named>⟶<T extends Vessel>⟫ {
    private items: T[] = [];

    add(item: T): void {
        this.items.push(item);
    }

    get(name: string): T | undefined {
        return this.items.find((item) => item.name === name);
    }

    get size(): number {
        return this.items.length;
    }
}

const fleet = new Fleet<Vessel>();
fleet.add({ name: "Tern", seats: 90, speed: 14 });
fleet.add({ name: "Gannet", seats: 140⟪;⟶,⟫ speed: 17 });
fleet.add({ name: "Dunlin", seats: 40⟪⟶, speed: 9⟶, speed: 0⟫ });

function minutes(vessel: Vessel, miles: number): number {
    return Math.round(miles / vessel.speed * 60);
}

const tern = fleet.get("Tern");
console.log(minutes(tern⟪⟶!⟶ as Vessel⟫, 6));

console.log("vessels: " + fleet.size⟪()⟶⟫);
const names: string[] = ["Tern", "Gannet"].map((name): string => ⟪name.toUppercase()⟶name.toUpperCase()⟫);
console.log(names);
