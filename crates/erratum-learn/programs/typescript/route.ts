// Distances between the piers.
class Route {
    private legs: { to: string; miles: number }[] = [];

    constructor(private start: string) {}

    to(pier: string, miles: number): Route {
        this.legs.push({ to: pier, miles: miles });
        return this;
    }

    length(): number {
        let sum = 0;
        for (const leg of this.legs) {
            sum += leg.miles;
        }
        return sum;
    }

    minutes(knots: number): number {
        if (knots <= 0) {
            throw new Error("the boat does not move");
        }
        return Math.ceil((this.length() / knots) * 60);
    }

    toString(): string {
        const names = this.legs.map(leg => leg.to);
        return [this.start, ...names].join(" - ");
    }
}

const routes: Route[] = [
    new Route("North").to("Mole", 1.5).to("Island", 3.2),
    new Route("Mole").to("Lighthouse", 2.75),
];
for (const route of routes) {
    console.log(route.toString() + ": " + route.minutes(9) + " min");
}
const longest = routes.reduce((a, b) => (a.length() > b.length() ? a : b));
console.log("longest:", longest.length());
