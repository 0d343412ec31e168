abstract class Good {
  constructor(readonly name: string, protected kilos: number) {}
  abstract price(): number;
  weight(): number {
    return this.kilos;
  }
}

class Rope extends Good {
  constructor(kilos: number, private metres: number) {
    super("rope", kilos);
  }

  price(): number {
    return this.metres * 2;
  }
}

class Salt extends Good {
  constructor(kilos: number) {
    super("salt"⟪ ⟶, ⟫kilos);
  }

  price(): number {
    return this.kilos * 0.5;
  }
}

const goods: Good[] = [new Rope(12, 40), new Salt(⟪"50"⟶50⟫)];

function total(list: Good[]): number {
  let sum = 0;
  for (let i = 0; i < list.length⟪,⟶;⟫ i++) {
    sum += list[i].price();
  }
  return sum;
}

const heavy = goods.filter((g) => g.⟪kilos⟶weight()⟫ > 20);
console.log(total(goods), heavy.map((g) => g.name)⟪⟶)⟫;
console.log(goods[0].⟪nme⟶name⟫);
