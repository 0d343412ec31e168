interface Buoy {
  id: number;
  colour: "red" | "green";
  lit: boolean;
  last⟪⟶?⟫: Date;
}

const buoys: Buoy[] = [];

function add(colour: ⟪string⟶"red" | "green"⟶Buoy["colour"]⟫, lit = false): Buoy {
  const buoy: Buoy = { id: buoys.length + 1, colour, lit };
  buoys.push(buoy);
  return buoy;
}

function byColour(): Record<string, number> {
  const counts: ⟪Record<string>⟶Record<string, number>⟫ = {};
  for (const b of buoys) {
    counts[b.colour] = (counts[b.colour] || 0) + 1;
  }
  return counts;
}

const first = add("red", true);
first.last = new Date(2024, 3, 1);
add("green"⟪, "yes"⟶, true⟶⟫);
const names = buoys.map(b ⟪-> ⟶=> ⟫"buoy " + b.id);
const lit: Buoy[] = buoys.filter(b => b.lit)⟪.length⟶⟫;
console.log(names.⟪joins⟶join⟫(", "), lit.length);
for (let i = 0; i < buoys.length; i++⟪⟶)⟫ {
  console.log(buoys[i].id, byColour());
}
