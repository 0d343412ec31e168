type Side = "port" | "starboard";

interface Berth {
  id: number;
  side: Side;
  free?: boolean;
  vessel: string | null;
}

const berths: Berth[] = [
  { id: 1, side: "port", vessel: null },
  { id: 2, side: ⟪"left"⟶"port"⟶"starboard"⟫, vessel: "Sandlance" },
  { id: ⟪"3"⟶3⟫, side: "starboard", vessel: null },
];

function pick(side: Side): Berth {
  for (let i = 0; i < berths.length; i++) {
    if (berths[i].side === side && berths[i].vessel === null) {
      return berths[i];
    }
  }
  ⟪return null;⟶throw new Error("no berth");⟶return berths[0];⟫
}

function label(berth: Berth): string {
  const name = berth.vessel⟪.toUpperCase()⟶?.toUpperCase() ?? ""⟶!.toUpperCase()⟶?.toUpperCase()⟫;
  return berth.id + ": " + name;
}

⟪const⟶let⟫ total = 0;
for (const berth of berths) {
  if (berth.free) {
    total += 1;
  }
}

console.log(label(pick("port")), total);
console.log(pick(⟪"port", 3⟶"port"⟫).id);
