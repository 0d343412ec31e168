interface Berth {
  id: number;
  boat?: string;
  depth: number;
}

type Plan = Berth[];

function free(plan: Plan): Berth[] {
  return plan.filter((b) ⟪->⟶=>⟫ b.boat === undefined);
}

function assign(plan: Plan, boat: string, draught: number): boolean {
  for (const berth ⟪in⟶of⟫ plan) {
    if (!berth.boat && berth.depth > draught) {
      berth.boat = boat;
      return true;
    }
  }
  return false;
}

function describe(berth: Berth): string {
  if (berth.boat) {
    return `${berth.id}: ${berth.⟪boats⟶boat⟫}`;
  }
  return berth.id + ": free";
}

const plan: Plan = [
  { id: 1, depth: 4 },
  { id: 2, depth: ⟪"6"⟶6⟫ },
  { id: 3, ⟪depht⟶depth⟫: 9 },
];

assign(plan, "Skua"⟪⟶, 5⟫);
console.log(free(plan).length);
plan.forEach((b) => console.log(describe(b))⟪⟶)⟫;
