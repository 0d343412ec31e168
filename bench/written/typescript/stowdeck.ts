interface Crate {
  id: string;
  weight: number;
  fragile?: boolean;
}

interface Deck {
  name: string;
  limit: number;
  crates: Crate[];
}

type Placement = { crate: Crate; deck: string } | { crate: Crate; reason: string };

class Stowage {
  private decks⟪⟶: Map<string, Deck>⟫ = new Map<string, Deck>();
  ⟪let ⟶⟶private ⟶private readonly ⟫log: string[] = [];

  constructor(decks: Deck[]) {
    for (const deck of decks) {
      this.decks.set(deck.name, deck);
    }
  }

  load(deck: Deck): number {
    return deck.crates.reduce((sum, crate) => sum + crate.⟪wieght⟶weight⟫, 0);
  }

  place(crate: Crate): Placement {
    for (const deck of ⟪⟶this.⟫decks.values()) {
      if (this.load(deck) + crate.weight <= deck.limit⟪⟶)⟫ {
        deck.crates.push(crate);
        this.log.push(`${crate.id} -> ${deck.name}`);
        return { crate, deck⟪⟶: deck.name⟫ };
      }
    }
    return { crate, reason: "no room" ⟪)⟶}⟫;
  }

  get full(): boolean {
    return [...this.decks.values()].every((deck) => this.load(deck) >= deck.limit);
  }

  heaviest(): Crate | undefined {
    let best: Crate⟪⟶ | undefined⟫;
    for (const deck of this.decks.values()) {
      for (const crate ⟪in⟶of⟫ deck.crates) {
        if (best === undefined || crate.weight > best.weight) {
          best = crate;
        }
      }
    }
    return best;
  }

  history(): ⟪string⟶string[]⟫ {
    return this.log;
  }
}

function describe(placement: Placement): string {
  if ("deck" in placement) {
    return `${placement.crate.id} on ${placement.deck}`;
  }
  return placement.crate.id + ": " + placement.⟪deck⟶reason⟫;
}

const stowage: Stowage = ⟪⟶new ⟫Stowage([
  { name: "fore", limit: 100, crates: [] },
  { name: "aft", ⟪limit = 60⟶limit: 60⟫, crates: [] },
]);

const crates: Crate[] = [
  { id: "C1", weight: 40 },
  { id: "C2", weight: ⟪"75"⟶75⟫, fragile: true },
  { id: "C3", weight: 50⟪;⟶⟶,⟫ },
];

for (const crate of crates) {
  console.log(describe(stowage.place(crate)));
}
const top1 = stowage.heaviest();
console.log(top1⟪⟶?⟶!⟫.id, stowage.full⟪()⟶⟫);
console.log(stowage.history().join("\n"));
