export type Tide = { hour: number, height: number };

export function parse(line: string): Tide | null {
  const parts = line.split(",");
  if (parts.length ⟪!===⟶!==⟶≡!=⟫ 2) {
    return null;
  }
  return { hour: Number(parts[0]), height: ⟪parts[1]⟶Number(parts[1])⟶≡parseFloat(parts[1])⟶≡+parts[1]⟫ };
}

export function high(tides: Tide[]): Tide {
  return tides.reduce((a, b) => a.height > b.height ? a : b⟪⟶)⟫;
}

const lines = ["6,1.2", "12,4.5", "18,0.9"];
const tides = lines.map(parse).filter((t): t is Tide => t ⟪not⟶!==⟶≡!=⟫ null);
const h = high(tides);
console.log("high water at " + h.⟪hours⟶hour⟫);

switch (h.hour) {
  case 12:
    console.log("noon");
    break;
  ⟪else⟶default⟫:
    console.log("other");
}

let range⟪: int⟶: number⟶≡⟫ = h.height - tides[2].height;
console.log(range);
