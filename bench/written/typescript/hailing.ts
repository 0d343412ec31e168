interface Ferry {
  name: string;
  seats: ⟪int⟶number⟫;
  stops: ⟪[string]⟶string[]⟫;
}

const ferries: Ferry[] = [
  { name: "Plover", seats: 80, stops: ["north", "mill"] }⟪⟶,⟫
  { name: "Dunlin", seats⟪=⟶: ⟫45, stops: ["mill", "south"] },
];

class Board {
  private ferries: Ferry[];
  private ⟪let ⟶⟫calls: Map<string, number> = new Map();

  constructor(ferries: Ferry[]) {
    ⟪ferries = ferries⟶this.ferries = ferries⟫;
  }

  ⟪function ⟶⟫hail(stop: string): Ferry | undefined {
    for (const ferry ⟪in⟶of⟫ this.ferries) {
      if (ferry.stops.⟪contains⟶includes⟫(stop)) {
        this.calls.set(stop, (this.calls.get(stop) ?? 0) + 1);
        return ferry;
      }
    }
    return ⟪None⟶undefined⟫;
  }

  seats(): ⟪string⟶number⟫ {
    let total = 0;
    this.ferries.⟪foreach⟶forEach⟫((ferry) => {
      total += ferry.seats;
    }⟪⟶)⟫;
    return total;
  }
}

const board = ⟪⟶new ⟫Board(ferries);
const found = board.hail("mill");
if (found !== undefined) {
  console.log(`${found.name} has ${found.seats} seats`);
} ⟪elseif⟶else if⟫ (board.seats() === 0) {
  console.⟪print⟶log⟫("no seats");
}
