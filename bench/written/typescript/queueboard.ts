type Status = "waiting" | "loading" | "gone";

interface Ferry {
  id: number;
  status: Status;
  cars: string[];
}

enum Lane { Left⟪;⟶,⟫ Right }

function nextStatus(status: Status): Status {
  switch (status) {
    case "waiting": return "loading";
    case "loading"⟪⟶:⟫ return "gone";
    default: return "gone";
  }
}

function load(ferry: Ferry, plate: string): ⟪bool⟶boolean⟫ {
  if (ferry.status !== "loading") return false;
  ferry.cars.⟪add⟶push⟫(plate);
  return true;
}

function longest(ferries: Ferry[]): Ferry ⟪⟶| undefined ⟫{
  let best: Ferry | undefined;
  for (const ferry ⟪in⟶of⟫ ferries) {
    if (best === undefined || ferry.cars.length > best.cars.length) {
      best = ferry;
    }
  }
  return best;
}

async function announce(ferry: Ferry): Promise<void> {
  console.log("ferry " + ferry.id⟪⟶)⟫;
}

⟪⟶async ⟫function main() {
  const ferry: Ferry = { id: 4, status: "waiting", cars: []⟪⟶ }⟫;
  ferry.status = nextStatus(ferry.status);
  load(ferry, "HB 12");
  const lane: Lane = Lane.⟪left⟶Left⟫;
  await announce(ferry);
  console.log(lane, longest([ferry]));
}

main();
