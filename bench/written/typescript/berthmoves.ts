enum Side { Port, Starboard }

interface Move {
  ship: string;
  from: string;
  to: string;
  side: Side;
}

abstract class Plan {
  protected moves: Move[] = [];
  abstract cost(move: Move): number;

  total(): number {
    let sum = 0;
    this.moves.forEach((move) ⟪->⟶=>⟫ {
      sum += this.cost(move);
    });
    return sum;
  }

  push(move: Move): this {
    this.moves.push(move);
    return this;
  }
}

class TugPlan extends Plan {
  constructor(private rate: number) {
    ⟪⟶super();⟫
  }

  cost(move: Move): number {
    switch (move.side) {
      case Side.Port:
        return this.rate;
      case ⟪Starboard⟶Side.Starboard⟫:
        return this.rate * 1.5;
    }
  }
}

function parse(line: string): Move ⟪or⟶|⟫ null {
  const parts = line.split(";");
  if (parts.length !== 4) {
    return null;
  }
  const [ship, from, to, side] = parts;
  return { ship, from, to, side: side === "P" ? Side.Port ⟪;⟶:⟫ Side.Starboard };
}

const plan = new TugPlan(⟪⟶120⟫);
for (const line of ["Gull;A;B;P", "Tern;B;C;S", "bad"]) {
  const move = parse(line);
  ⟪plan.push(move)⟶if (move) plan.push(move)⟶plan.push(move!)⟶if (move !== null) plan.push(move)⟫;
}
const text: string = ⟪plan.total()⟶plan.total().toString()⟶`${plan.total()}`⟶String(plan.total())⟫;
console.log(text.padStart(8));
