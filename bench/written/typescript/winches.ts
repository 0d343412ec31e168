interface Winch {
    name: string;
    load: number;
    spare?: boolean;
}

class Deck {
    private winches: Winch[] = [];

    add(winch: Winch): void {
        ⟪⟶this.⟫winches.push(winch);
    }

    heaviest(): Winch | undefined {
        let best: Winch | undefined;
        for (const winch ⟪in⟶of⟫ this.winches) {
            if (best === undefined || winch.load > best.load) {
                best = winch;
            }
        }
        return best;
    }

    total(): number {
        return this.winches.reduce((sum, winch) => sum + winch.load, 0);
    }
}

const deck = new Deck();
deck.add({ name: "fore", load: ⟪"120"⟶120⟫ });
deck.add({ name: "aft", load: 80, spare: true });
const most = deck.heaviest();
console.log(most ? most.name : "none", deck.total⟪⟶())⟫;
