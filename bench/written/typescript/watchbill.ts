interface Watch {
  start: number;
  end: number;
  crew: string[];
}

const watches: Watch[] = [];

function addWatch(start: number, end: number, ...crew: ⟪string⟶string[]⟫): void {
  if (end <= start) {
    throw new Error("a watch ends after it starts");
  }
  watches.push({ start, end, crew });
}

async function load(name: string): Promise<number> {
  return name.length;
}

⟪function⟶async function⟫ report() {
  const n = await load("watch");
  console.log(n);
}

const hours = (w: Watch)⟪: number -> ⟶: number => ⟫w.end - w.start;

function busiest(): string {
  const count⟪ = Record<string, number> {};⟶: Record<string, number> = {};⟫
  for (const w of watches) {
    for (const c of w.crew) {
      count[c] = (count[c] ?? 0) + hours(w);
    }
  }
  let best = "";
  for (const c of Object.keys(count)) {
    if (best === "" ⟪or⟶||⟫ count[c] > count[best]) {
      best = c;
    }
  }
  return best;
}

addWatch(0, 4, "Jonna", "Piet");
addWatch(⟪4 8⟶4, 8⟫, "Jonna");
console.log(busiest().⟪toUppercase⟶toUpperCase⟫());
report();
