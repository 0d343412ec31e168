interface Item {
  name: string;
  kilos: number;
  tags: string[];
}

function parse(line: string): Item ⟪or⟶|⟫ null {
  const parts = line.split(";");
  if (parts.length < 2) return null;
  return {
    name: parts[0]⟪;⟶,⟫
    kilos: ⟪parts[1]⟶Number(parts[1])⟶parseFloat(parts[1])⟶+parts[1]⟫,
    tags: parts.slice(2),
  };
}

function total(items: Item[]): number {
  return items.reduce((sum, i) => sum + i.⟪kilo⟶kilos⟫, 0);
}

function heaviest(items: Item[]): Item {
  let best = items[0];
  for (const i of items) {
    if (i.kilos > best.kilos) {
      best = i;
    }
  }
  return best;
}

const lines = ["crate;40;wood", "barrel;55", "rope;6;new;long"];
const items: Item[] = [];
for (const line of lines) {
  const item = parse(line);
  ⟪if item !== null⟶if (item !== null)⟫ {
    items.push(item);
  }
}
console.log(⟪"total " total(items)⟶"total " + total(items)⟶"total ", total(items)⟶"total", total(items)⟫);
console.log(heaviest(items).name.⟪length()⟶length⟫);
console.log(items.map((i) => i.tags.length).filter((n) => n > 0⟪}⟶)⟫);
