enum Phase { Ebb, Flood, Slack }

interface Reading {
  at: number,
  height: number,
  phase: Phase
}

function parse(line: string): Reading | null {
  const parts = line.split(";");
  if (parts.⟪length()⟶length⟫ < 2) {
    return null;
  }
  const at = ⟪int(parts[0])⟶parseInt(parts[0])⟶Number(parts[0])⟶parseInt(parts[0]!)⟫;
  const height = parseFloat(parts[1]);
  return { at, height, phase: height > 2 ? Phase.Flood : ⟪Ebb⟶Phase.Ebb⟫ };
}

function load(text: string): Reading[] {
  const out: Reading[] = [];
  for (const line of text.split("\n")) {
    const r = parse(line);
    ⟪out.push(r);⟶if (r) { out.push(r); }⟶if (r !== null) { out.push(r); }⟶out.push(r!);⟫
  }
  return out;
}

function highest(rs: Reading[]) ⟪-> number⟶: number⟫ {
  let max = 0;
  for (let i = 0; i < rs.length; i++⟪ {⟶) {⟫
    if (rs[i].height > max) max = rs[i].height;
  }
  return max;
}

function average(rs: Reading[]): number {
  const sum = rs.reduce((a, r) => ⟪a + r⟶a + r.height⟫, 0);
  return sum / rs.length;
}

const readings = load("6;1.2\n12;3.4");
⟪String⟶let⟶const⟶var⟫ title = "Tides";
console.log(title + highest(readings));
console.log(average(readings).toFixed(⟪"2"⟶2⟫));
const slack = readings.filter(r => r.phase == ⟪"Slack"⟶Phase.Slack⟫);
console.log(slack.length);
