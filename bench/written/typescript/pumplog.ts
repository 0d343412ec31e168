type Reading = { pump: string; litres: number; at: number };

const readings: Reading[] = [
  { pump: "east", litres: 40, at: 1 },
  { pump: "west"⟪⟶,⟫ litres: 55, at: 2 },
  { pump: "east", litres: ⟪"38"⟶38⟫, at: 3 },
];

function group(list: Reading[]): Map<string, Reading[]> {
  const result = new Map<string, ⟪Reading⟶Reading[]⟫>();
  for (const r of list) {
    const known = result.get(r.pump) ?? [];
    known.push(r);
    result.set(r.pump, known);
  }
  return result;
}

function mean(list: Reading[]): number {
  return list.reduce((a, r) => a + r.litres⟪⟶, 0⟫) / list.length;
}

async function load(): Promise<Reading[]> {
  return readings;
}

⟪⟶async ⟫function main() {
  const all = await load();
  const byPump = group(all);
  for (const [pump, list] of byPump) {
    console.log(`${pump}: ${mean(list⟪}⟶)}⟫`);
  }
  const last: ⟪Reading⟶Reading | undefined⟫ = all.find(r => r.at > 2);
  console.log(last?.pump);
}

main();
