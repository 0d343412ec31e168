interface Weather {
  place: string;
  wind: number;
  fog: boolean;
}

async function load(place: string): Promise<Weather> {
  return { place, wind: place.length * 3, fog: ⟪"no"⟶false⟫ };
}

function beaufort(wind: number): number {
  const limits = [1, 6, 12, 20, 29];
  let force = 0;
  for (let i = 0; i < limits.length; i⟪+⟶++⟫) {
    if (wind >= limits[i]) {
      force = i + 1;
    }
  }
  return force;
}

function describe(r: Weather): string {
  const words: string[] = [r.place];
  words.push("force " + beaufort(r.wind));
  if (r.fog) words.push("fog");
  return words.⟪Join⟶join⟫(", ");
}

async function main(): Promise<void> {
  const report = ⟪⟶await ⟫load("mole");
  console.log(describe(report));
  const all: Weather[] = [report];
  const windy = all.filter((r) => r.wind > 5).map((r) => r.place);
  console.log(windy.length⟪⟶)⟫;
}

main();
