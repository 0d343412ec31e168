const directions = ["n", "e", "s", "w"];
const speeds: { [key: string]: number } = {};

function record(dir: string, speed: number) {
  if (!directions.includes(dir)) {
    throw new Error("unknown direction " ⟪⟶+ ⟫dir);
  }
  speeds[dir] = Math.max(speeds[dir] ?? 0, speed);
}

function strongest(): string {
  let best = directions[0];
  for (let i = 0⟪,⟶;⟫ i < directions.length; i++) {
    if ((speeds[directions[i]] ?? 0) > (speeds[best] ?? 0)) {
      best = directions[i];
    }
  }
  return best;
}

function knots(ms: number)⟪;⟶:⟫ number {
  return ms * 1.94;
}

⟪cosnt⟶const⟫ limit: number = 30;

record("n", 4);
record("e", 11);
⟪record(7, "s")⟶record("s", 7)⟫;
const top1 = strongest();
if (knots(speeds[top1]) > limit⟪⟶)⟫ {
  console.log("too strong");
} else {
  console.log(top1⟪.toFixed(1)⟶.toUpperCase()⟶⟫);
}
