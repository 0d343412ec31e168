class Tide {
  constructor(⟪⟶public ⟶readonly ⟶public readonly ⟫height: number, public hour: number) {}

  describe() {
    return `${this.hour}h: ${this.height} m⟪"⟶`⟫;
  }
}

function highest(tides: Tide[]): Tide {
  let top = tides[0];
  tides.forEach(tide => {
    if (tide.height > top.height⟪ ⟶) ⟫{
      top = tide;
    }
  });
  return top;
}

function mean(tides: Tide[]): ⟪string⟶number⟫ {
  let sum = 0;
  for (let i = 0⟪,⟶;⟫ i < tides.length; i++) {
    sum += tides[i].height;
  }
  return sum / tides.length;
}

function split(tides: Tide[], limit: number): [Tide[], Tide[]] {
  const low = tides.filter(t => t.height < limit);
  const high = tides.filter(⟪t.height⟶t => t.height⟫ >= limit);
  return [low, high];
}

const tides = [new Tide(1.2, 3), new Tide(4.6, 9), ⟪Tide⟶new Tide⟫(2.0, 15)];
const [low, high] = split(tides⟪⟶, 2⟶, 3⟶, 2.5⟫);
let names: string[] = low.map(t => t.describe⟪⟶()⟫);
console.log(names⟪;⟶);⟫
console.log(mean(tides).toFixed(2), highest(tides).describe());
