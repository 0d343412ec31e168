interface Passenger {
  id: number;
  name: string;
  seat?: string;
}

type Deck = "upper" | "lower";

class Gangway {
  private queue: Passenger[] = [];
  constructor(⟪readonly deck Deck⟶readonly deck: Deck⟫) {}

  board(p: Passenger): ⟪int⟶number⟫ {
    this.queue.push(p);
    return ⟪queue⟶this.queue⟫.length;
  }

  seats(): string[] {
    const out: string[] = [];
    for (const p of this.queue) {
      if (⟪p.seat =⟶p.seat !==⟶≡p.seat !=⟫ undefined) {
        out.push(p.seat);
      }
    }
    return out;
  }

  find(id: number): Passenger | undefined {
    return this.queue.find(p => p.id === ⟪Id⟶id⟫);
  }
}

⟪func⟶function⟫ label(p: Passenger, deck: Deck): string {
  return `${p.name} (${deck}) ${p.seat ?? "no seat"}`;
}

const gangway = new Gangway("upper");
gangway.board({ id: 1, name: "Ilse", seat: "A1" });
gangway.board({ id: ⟪"2"⟶2⟫, name: "Marek" });

const found = gangway.find(2);
if (found) {
  console.log(label(found, gangway.deck));
}
console.log(gangway.seats().join(⟪', "⟶", "⟶≡', '⟫));
