interface Point {
  hour: number;
  level: number;
}

type Table = Record<string, Point[]>;

function parse(text: string): Point[] {
  const points⟪⟶: Point[]⟫ = [];
  for (const row of text.split("\n")) {
    const [hour, level] = row.split(" ");
    points.push({ ⟪hour⟶hour: Number(hour)⟶hour: parseInt(hour)⟫, level: parseFloat(level) });
  }
  return points;
}

function slope(a: Point, b: Point) {
  return (b.level - a.level) / (b.hour - a.hour);
}

function range(points: Point[]): ⟪number, number⟶[number, number]⟫ {
  const levels = points.map(p => p.level);
  return [Math.min(...levels), Math.max(⟪levels⟶...levels⟫)];
}

const table: Table = {
  quay: parse("0 1.2\n6 4.8"),
  mole: parse("1 1.0\n7 4.1")⟪⟶,⟫
  pier: []
};

for (const ⟪[place, points]⟶[place, points] of⟫ Object.entries(table)) {
  if (points.length === 0) continue;
  const [low, high] = range(points);
  console.log(place + " " + low + ".." + high);
  console.log(slope(points[0]⟪⟶, points[1]⟫).toFixed(2));
}

let first: Point = ⟪table.quay⟶table.quay[0]⟫;
first⟪->⟶.⟫level = 1.3;
console.log(`first ${first.level}`⟪⟶)⟫;
