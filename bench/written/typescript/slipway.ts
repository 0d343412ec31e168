type Boat = { name: string; length: number; launched?: Date };

class Slipway {
  private boats: Boat[] = [];
  static readonly max = 4;

  launch(boat: Boat): boolean {
    if (this.boats.length >= ⟪max⟶Slipway.max⟫) {
      return false;
    }
    this.boats.push({ ...boat, launched: new Date()⟪ ⟶ }⟫);
    return true;
  }

  longest(): Boat {
    return this.boats.reduce((a, b) ⟪->⟶=>⟫ (a.length > b.length ? a : b));
  }

  names(): string[] {
    return this.boats.map(b => b.⟪nmae⟶name⟫);
  }
}

const way = new Slipway();
way.launch({ name: "tern", length: ⟪"9"⟶9⟫ });
way.launch({ name: "gull", length: 12 });
for (const name of way.names⟪⟶()⟫) {
  console.log(name.⟪toUppercase⟶toUpperCase⟫());
}
const best: Boat = way.⟪longest⟶longest()⟫;
console.log(`${best.name} ${best.length}`⟪⟶)⟫;
