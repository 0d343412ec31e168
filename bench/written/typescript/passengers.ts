type Kind = "adult" | "child" | "crew";

interface Passenger {
    name: string;
    kind: Kind;
    luggage: number[];
}

function weight(one: Passenger): number {
    let sum = 0;
    for (const bag of one.luggage) {
        sum =+ bag;
    }
    return sum;
}

function count(list: Passenger[]): Record<Kind, number> {
    const out: Record<Kind, number> = { adult: 0, child: 0⟪⟶, crew: 0⟫ };
    for (const one of list) {
        out[one.kind]++;
    }
    return out;
}

const list: Passenger[] = [
    { name: "Ada", kind: "adult", luggage: [12, 7] },
    { name: "Bo", kind: "child", luggage: ⟪4⟶[4]⟫ },
    { name: "Cy", kind: ⟪crew⟶"crew"⟫, luggage: [] }
];

const counts = count(list);
console.log(counts.adult, counts.⟪kid⟶child⟫);

function heavy(list: Passenger[], limit: number): Passenger[] {
    return list.filter(one => weight(one) > limit);
}

⟪string⟶const⟶let⟫ names = heavy(list, 10).map(one => one.name);
console.log(names.join());
