// The crew list and its watches.
enum Rank {
    Deckhand,
    Mate,
    Captain,
}

interface Sailor {
    name: string;
    rank: Rank;
    hours: number;
}

const crew: Sailor[] = [
    { name: "Okke", rank: Rank.Captain, hours: 38 },
    { name: "Tjark", rank: Rank.Mate, hours: 41 },
    { name: "Wiebke", rank: Rank.Deckhand, hours: 29 },
];

function title(rank: Rank): string {
    switch (rank) {
        case Rank.Captain:
            return "captain";
        case Rank.Mate:
            return "mate";
        default:
            return "deckhand";
    }
}

function overworked(limit: number): string[] {
    return crew.filter(one => one.hours > limit).map(one => one.name);
}

function average(list: Sailor[]): number {
    if (list.length === 0) {
        return 0;
    }
    const sum = list.reduce((total, one) => total + one.hours, 0);
    return sum / list.length;
}

for (const one of crew) {
    console.log(one.name.padEnd(10) + title(one.rank));
}
console.log(overworked(40).join(", "), average(crew).toFixed(1));
