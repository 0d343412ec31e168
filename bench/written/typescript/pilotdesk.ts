class Pilot {
  readonly name: string;
  jobs: number⟪⟶ = 0⟫;
  #rank: string;

  constructor(name: string, rank: string) {
    this.name = name;
    this.#rank = rank;
  }

  take(): void {
    this.jobs++;
  }

  isMaster(): boolean {
    return this.#rank === "master";
  }
}

interface Job { ship: string; draught: number }

function assign(jobs: Job[], pilots: Pilot[]): Map<string, Pilot> {
  const plan = new Map<string, ⟪string⟶Pilot⟫>();
  let turn = 0;
  for (let job of jobs⟪:⟶) {⟫
    const pilot = pilots[turn % pilots.length];
    if (job.draught > 8 && !pilot.isMaster()) {
      turn++;
      continue;
    }
    pilot.take();
    plan.set(job.ship, pilot);
    turn++;
  }
  return plan;
}

const pilots = [new Pilot("Ansel", "master"), new Pilot(⟪"Bex"⟶"Bex", "mate"⟶"Bex", "master"⟫)];
const jobs: Job[] = [{ ship: "Tern", draught: 9.1 }, { ship: "Skua", ⟪depth⟶draught⟫: 4 }];
const plan = assign(⟪pilots, jobs⟶jobs, pilots⟫);
for (const [ship, pilot] of plan) {
  console.log(ship, pilot.⟪rank⟶name⟶jobs⟶isMaster()⟫);
}
let busiest: ⟪Pilot⟶Pilot | undefined⟫ = undefined;
console.log(busiest);
