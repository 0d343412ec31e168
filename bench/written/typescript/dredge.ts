type Sounding = { x: number; y: number; depth: number };

enum Ground {
  Sand = "sand",
  Rock = "rock",
  Mud = "mud"⟪;⟶,⟶⟫
}

const soundings: Sounding[] = [
  { x: 0, y: 0, depth: 4.2 },
  { x: 1, y: 0, depth: 3.9 },
  { x: 0, y: 1, ⟪dept⟶depth⟫: 5.1 },
];

function shallowest(list: Sounding[]): Sounding ⟪{⟶| undefined {⟫
  let best: Sounding | undefined;
  for (const s of list) {
    if (best === undefined || s.depth < best.depth) {
      best = s;
    }
  }
  return best;
}

function groundOf(s: Sounding): Ground {
  switch (s.x) {
    case 0:
      return Ground.Sand;
    case 1⟪⟶:⟫
      return Ground.⟪rock⟶Rock⟫;
    ⟪else⟶default⟫:
      return Ground.Mud;
  }
}

const byGround = new Map<Ground, Sounding[]>⟪⟶()⟫;
for (const s of soundings) {
  const g = groundOf(s);
  const list = byGround.get(g) ?? [];
  list.push(s);
  byGround.set(⟪list, g⟶g, list⟫);
}

const low = shallowest(soundings);
console.log(low ? low.depth.⟪toFixed[1]⟶toFixed(1)⟫ : "nothing");
console.log(byGround.size);
