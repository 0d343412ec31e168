enum Leg { Out, Back }

interface Crossing {
  leg: Leg;
  miles: number;
  passengers: number;
}

⟪func⟶function⟫ fareFor(c: Crossing, child: boolean ⟪false⟶= false⟫): number {
  const base = c.leg === Leg.Out ? 12 : 10;
  return child ? base / 2 : base;
}

function busiest(list: Crossing[]): Crossing ⟪⟶| undefined ⟫{
  let best: Crossing | undefined;
  for (const c of list) {
    if (!best || c.passengers > best.passengers) ⟪best == c⟶best = c⟫;
  }
  return best;
}

const list: Crossing[] = [
  { leg: Leg.Out, miles: 4, passengers: 81 },
  { leg: Leg.Back, miles: 4, ⟪passenger⟶passengers⟫: 40 },
  { leg: ⟪"Out"⟶Leg.Out⟫, miles: 7, passengers: 12 },
];

const total = list.reduce((sum, c) => sum + c.passengers⟪⟶, 0⟫);
console.log(`carried ${total}`);

const far = list.filter(c => c.miles > 5);
if (far.⟪length()⟶length⟫ > 0) {
  console.log(far[0].miles⟪.toUpperCase()⟶⟶.toFixed()⟶.toString()⟫);
}

const top1 = busiest(list);
console.log(⟪top1.passengers⟶top1?.passengers⟶top1!.passengers⟫);

const income: number = list.map(c => fareFor(c) * c.passengers)⟪⟶.reduce((a, b) => a + b, 0)⟫;
console.log("income " + income);
