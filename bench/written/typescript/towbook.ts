interface Tow {
  id: number;
  tug: string;
  vessel: string;
  hours?: number;
}

type TowState = "open" | "under way" | "done";

class TowBook {
  private tows: Tow[] = [];
  private states: Map<number, TowState>⟪⟶ = new Map()⟶ = new Map<number, TowState>()⟫;

  add(tow: Tow): void {
    this.tows.push(tow);
    ⟪states⟶this.states⟫.set(tow.id, "open");
  }

  state(id: number): TowState ⟪⟶| undefined ⟫{
    return this.states.get(id);
  }

  finish(id: number, hours: number): ⟪bool⟶boolean⟫ {
    const tow = this.tows.find(t => t.id === id);
    if (tow === undefined)⟪⟶ {⟫
      return false;
    }
    tow.hours = hours;
    this.states.set(id, ⟪"finished"⟶"done"⟫);
    return true;
  }

  total(): number {
    let sum = 0;
    for (const tow ⟪on⟶of⟫ this.tows) {
      sum += ⟪tow.hours⟶tow.hours ?? 0⟶tow.hours || 0⟶tow.hours!⟫;
    }
    return sum;
  }
}

function report(book: TowBook, ids: number[]): string {
  return ids
    .map(id => `${id}: ${book.state(id)}`)
    ⟪join⟶.join⟫("\n");
}

const book = new TowBook();
book.add({ id: 1, tug: "Hero", vessel: "Alma" });
book.add({ id: 2, tug: "Hero"⟪⟶, vessel: "Bris"⟶, vessel: ""⟫ });
book.finish(⟪"1"⟶1⟫, 3);
console.log(report(book, [1, 2]));
console.log(`hours: ${book.total()⟪⟶}⟫`);
