type Result<T> = { ok: true, value: T } | { ok: false, reason: string };

interface Bet {
    boat: string;
    stake: number;
}

interface Race {
    readonly name: string;
    boats: Map<string, number>;
    bets: Bet[];
}

function place(race: Race, boat: string, stake: number): Result⟪⟶<Bet>⟫ {
    if (!race.boats⟪.contains⟶.has⟫(boat)) {
        return { ok: false, reason: "no boat "⟪ + boat + "⟶ + boat⟶ + boat + ""⟶ + boat + " "⟫ };
    }
    const bet: Bet = { boat⟪ = ⟶: ⟫boat, stake };
    race.bets.push(bet);
    return { ok: true, value: bet };
}

function ⟪payout(race, winner: string)⟶payout(race: Race, winner: string)⟫: number {
    const odds = race.boats.get(winner);
    let sum = 0;
    for (let i = 0⟪,⟶;⟫ i < race.bets.length; i++) {
        const bet = race.bets[i];
        if (bet.boat == winner) {
            sum += bet.stake * ⟪odds⟶odds!⟶(odds ?? 0)⟶(odds ?? 1)⟫;
        }
    }
    return sum;
}

async function read(path: string): Promise<string> {
    return path.toUpperCase();
}

const race: Race = {
    name: "Harbour Cup",
    boats: new Map([["Tern", 2.5], ["Gull", 4]⟪⟶]⟫),
    bets: [],
};
⟪race.name = "Quay Cup";⟶⟫
const first = place(race, "Tern", 10);
if (first.ok) {
    console.log(first.value.stake);
} else {
    console.log(first.⟪value⟶reason⟫);
}
place(race, "Gull"⟪⟶, 5⟶, 0⟶, 1⟫);
console.log(payout(race, "Tern"))⟪:⟶;⟫
const title: string = ⟪read("cup")⟶await read("cup")⟫;
console.log(title);
export {};
