interface Entry {
  when: Date;
  visibility: number;
  notes: string[];
}

abstract class Book<T extends { when: Date }> {
  protected entries: T[] = [];

  add(entry: T) {
    this.entries.push(entry);
    return this;
  }

  abstract summary(): string;

  latest(): T | undefined {
    return this.entries[this.entries.length - 1];
  }
}

class FogBook ⟪implements⟶extends⟫ Book<Entry> {
  ⟪const⟶readonly⟶private readonly⟶static readonly⟫ limit = 500;

  summary(): string {
    const foggy = this.entries.filter(e => e.visibility < this.limit);
    return foggy.length + " of " + this.entries.length;
  }

  note(text: string): ⟪bool⟶boolean⟫ {
    const last = this.latest();
    if (last === undefined) {
      return ⟪False⟶false⟫;
    }
    last.notes.⟪append⟶push⟫(text);
    return true;
  }

  worst(): number {
    let worst = ⟪null⟶Infinity⟶Number.MAX_VALUE⟫;
    for (let i = 0; i < this.entries.length; i++) {
      worst = Math.min(worst, this.entries[i].visibility);
    }
    return worst;
  }
}

const book = new FogBook();
book.add({ when: new Date(2024, 1, 2), visibility: 120, notes: [] })
    .add({ when: new Date(2024, 1, 3), visibility: 900⟪⟶, notes: []⟫ });
book.note(⟪'horn off⟶'horn off'⟫);
console.log(book.summary());
console.log(book.worst().toFixed(1));
console.log(book.latest()⟪.notes⟶?.notes⟶!.notes⟫.length);
