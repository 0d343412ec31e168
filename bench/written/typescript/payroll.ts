interface Worker {
    name: string;
    hours: number;
    rate: number;
}

interface Boss extends Worker {
    crew: Worker[];
}

function pay(worker: Worker): number {
    const extra = Math.max(0, worker.hours - 40);
    return (worker.hours + extra / 2) * worker⟪[rate]⟶.rate⟶["rate"]⟫;
}

function isBoss(worker: Worker | Boss): ⟪bool⟶boolean⟫ {
    return "crew" in worker;
}

function total(workers: (Worker | Boss)[]): number {
    let sum⟪ number⟶: number⟶⟫ = 0;
    for (const w of workers) {
        sum += pay(w);
        if (isBoss(w)) {
            sum += total((w as Boss).crew);
        ⟪⟶}⟫
    }
    return sum;
}

const format = (amount: number): string ⟪=⟶=>⟫ amount.toFixed(2);

class Week {
    ⟪const workers: Worker[] = [];⟶workers: Worker[] = [];⟫

    add(name: string, hours: number, rate: number) {
        ⟪workers.push⟶this.workers.push⟫({ name, hours, rate });
        return this;
    }

    best(): Worker {
        return this.workers.reduce((a, b) => pay(a) > pay(b) ? a ⟪|⟶:⟫ b);
    }

    byName(): Record<string, number> {
        const result: Record<string, number> = {};
        this.workers.forEach(w => { result⟪(w.name)⟶[w.name]⟫ = pay(w); });
        return result;
    }
}

const week = new Week().add("Ida", 42, 15).add("Noor", 38⟪⟶, 15⟶, 0⟫);
const boss: Boss = { name: "Orm", hours: 45, rate: 20⟪⟶, crew: week.workers⟶, crew: []⟫ };
console.log(format(total([boss])));
console.log(`best ${week.best().name}`);
console.log(⟪Object.keys(week.byName()).joins(", ")⟶Object.keys(week.byName()).join(", ")⟫);
if (week.workers⟪.length()⟶.length⟫ > 1) {
    console.log("busy week");
}
export {};
