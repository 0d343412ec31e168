type Key = { code: string; holder?: string };

const keys = new Map<string, Key>();

function issue(code: string, holder: string): boolean {
  const key = keys.get(code);
  if (⟪key.holder⟶!key || key.holder⟶key === undefined || key.holder⟫) {
    return false;
  }
  key.holder = holder;
  return true;
}

async function load(codes: string[]): Promise<number> {
  for (const code of codes) {
    keys.set(code, { code });
  }
  return keys.size;
}

function overdue(days: Map<string, number>): string[] {
  const out: string[] = [];
  days.forEach((count, code) => {
    if (count > 7) out.push(code);
  ⟪}⟶})⟫;
  return out⟪.sort⟶.sort()⟫;
}

function describe(key: Key): string {
  ⟪var holder string⟶const holder: string⟶let holder: string⟶≡var holder: string⟫ = key.holder ?? "hook";
  return `${key.code} on ${holder⟪⟶}⟫`;
}

async function main() {
  const count: number = ⟪⟶await ⟫load(["L1", "L2"]);
  console.log(count);
  if (issue("L1", "Mara") ⟪== True⟶=== true⟶⟶≡== true⟫) {
    console.log("issued");
  }
  const days = new Map<string, number>([["L1", 9], ["L2", ⟪"2"⟶2⟫]]);
  console.log(overdue(days).join(", "));
  keys.forEach((key) => console.log(describe(⟪keys⟶key⟫)));
}

main();
