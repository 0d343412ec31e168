// Cargo that goes with the ferry.
interface Crate {
    label: string;
    weight: number;
    fragile: boolean;
}

class Manifest {
    private crates: Crate[] = [];

    load(label: string, weight: number, fragile: boolean = false): this {
        this.crates.push({ label, weight, fragile });
        return this;
    }

    get weight(): number {
        return this.crates.reduce((sum, crate) => sum + crate.weight, 0);
    }

    heaviest(): string {
        if (this.crates.length === 0) {
            return "nothing";
        }
        const sorted = [...this.crates].sort((a, b) => b.weight - a.weight);
        return sorted[0].label;
    }

    warnings(limit: number): string[] {
        const found: string[] = [];
        if (this.weight > limit) {
            found.push("too heavy by " + (this.weight - limit));
        }
        for (const { label, fragile } of this.crates) {
            if (fragile) {
                found.push(label + " is fragile");
            }
        }
        return found;
    }
}

const manifest = new Manifest().load("glass", 80, true).load("sand", 900).load("rope", 35);
console.log(manifest.heaviest());
manifest.warnings(1000).forEach(line => console.log("! " + line));
