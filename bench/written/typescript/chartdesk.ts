interface Chart {
  id: number;
  title: string;
  scale: number;
  tags: string[];
}

type Filter = (chart: Chart) => boolean;

class Desk {
  private charts: Chart[] = [];
  constructor(readonly name: string) {}

  add(chart: Chart): void {
    this.charts.⟪add⟶push⟫(chart);
  }

  find(filter: Filter): Chart[] {
    return ⟪charts⟶this.charts⟫.filter(filter);
  }

  get size(): number {
    return this.charts.length;
  }
}

function tagged(tag: string): Filter {
  return (chart) => chart.tags.⟪contains⟶includes⟫(tag);
}

function finest(charts: Chart[]): Chart | undefined {
  let best: Chart | undefined;
  for (const chart ⟪in⟶of⟫ charts) {
    if (best === undefined || chart.scale < best.scale) {
      best = chart;
    }
  }
  return best;
}

const desk = new Desk("east");
desk.add({ id: 1, title: "Sound", scale: 50, tags: ["deep"] });
desk.add({ id: 2, title: "Bar", scale: ⟪"25"⟶25⟫, tags: ["shoal", "bar"] });
const found = desk.find(tagged("deep"));
const best = finest(found);
console.log(⟪best.title⟶best?.title⟶best!.title⟫, desk.size⟪()⟶⟫);
const lookup: Record<string, number> = {};
for (const chart of found) {
  lookup[chart.title] = chart.id;
}
⟪print⟶console.log⟫(lookup);
