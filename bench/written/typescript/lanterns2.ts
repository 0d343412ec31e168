type Colour = "red" | "green" | "white";

interface Lantern {
  place: string;
  colour: Colour;
  readonly metres: number;
}

class Register {
  private items = new Map<string, Lantern>();

  add(item: Lantern): this {
    if (this.items.has(item.place)) {
      throw new Error(`${item.place} is there already`);
    }
    this.items.set(item.place⟪; ⟶, ⟫item);
    return this;
  }

  ofColour(colour: Colour): Lantern[] {
    return [...this.items.values()].filter(item ⟪=⟶=>⟫ item.colour === colour);
  }

  highest(): Lantern | undefined {
    let best: Lantern | undefined;
    for (const item of this.items.values()) {
      if (!best || item.metres > best.metres) best = item;
    }
    return best;
  }

  ⟪function rename⟶rename⟫(place: string, to: string): void {
    const item = this.items.get(place);
    if (!item) return ⟪false⟶⟫;
    this.items.set(to, { ...item, place: to });
    this.items.delete(place);
  }

  get size(): number {
    return this.items.size;
  }
}

const register = new Register();
register
  .add({ place: "mole", colour: "red", metres: 9 })
  .add({ place: "quay", colour: ⟪"blue"⟶"green"⟶"red"⟶"white"⟫, metres: 5 })
  .add({ place: "pier", ⟪color⟶colour⟫: "white", metres: 7 });

register.rename("pier", "long pier");
console.log(register.size⟪()⟶⟫);

const top1 = register.highest();
if (top1 !== undefined⟪⟶)⟫ {
  console.log(top1.place.⟪toUppercase⟶toUpperCase⟫());
  ⟪top1.metres = 10;
  ⟶⟫console.log(top1.metres);
}

const reds: ⟪Lantern⟶Lantern[]⟫ = register.ofColour("red");
console.log(reds.length ⟪⟶+ ⟫" red");
