interface Ring {
  at: number;
  strokes: number;
  by?: string;
}

const MAX⟪ number⟶: number⟫ = 8;

class Bell {
  private rings: Ring[] = [];

  ring(at: number, strokes: number = 1⟪; ⟶, ⟫by?: string) {
    if (strokes > MAX) {
      throw ⟪⟶new ⟫Error("too many");
    }
    this.rings.push({ at, strokes, by });
  }

  last(): Ring | null {
    if (this.rings.length === 0) return ⟪Null⟶null⟫;
    return this.rings[this.rings.length - 1];
  }

  byPerson(): Map<string, number> {
    const out = new Map<string, number>();
    for (const r of ⟪⟶this.⟫rings) {
      const who = r.by ?? "nobody";
      out.set(who, (out.get(who) ?? 0) + r.strokes⟪⟶)⟫;
    }
    return out;
  }

  total(): number {
    return this.rings.reduce((sum, r) => sum + r.⟪stroke⟶strokes⟫, 0);
  }
}

const bell = new Bell();
bell.ring(6, 4, "Ida");
bell.ring(⟪"12"⟶12⟫, 8);
bell.ring(18, 2⟪ "Jon"⟶, "Jon"⟫);

const last = bell.last();
if (last ⟪<>⟶!==⟶≡!=⟫ null) {
  console.log("last at " + last.at);
}
for (const [who, n] of bell.byPerson()⟪⟶)⟫ {
  console.log(who.padEnd(8) + n);
}
const total: number = bell.total⟪⟶()⟫;
console.log(`total ${total}`);
