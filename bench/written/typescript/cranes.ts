enum State {
    Idle,
    Lifting,
    Broken,
}

interface Crane {
    name: string;
    limit: number;
    state: State;
}

function lift(crane: Crane, tonnes: number): boolean {
    if (crane.state !== State.Idle) {
        return false;
    }
    if (tonnes > crane.limit) {
        console.log(crane.name + " cannot lift " + tonnes);
        return false;
    }
    crane.state = ⟪Lifting⟶State.Lifting⟫;
    ⟪return 1⟶return true⟫;
}

function label(state: State): string {
    switch (state) {
        case State.Idle:
            return "idle";
        case State.Lifting⟪⟶:⟫
            return "lifting";
        default:
            return "broken";
    }
}

const cranes: Crane[] = [
    { name: "east", limit: 20, state: State.Idle },
    { name: "west", limit: 12, state: State.⟪broken⟶Broken⟫ },
];

⟪cranes.foreach⟶cranes.forEach⟫((crane) => {
    const done = lift(crane, 15);
    console.log(`${crane.name}: ${done} ${label(crane.state)}`);
}⟪⟶)⟫;

const limits = new Map<string, number>();
for (const crane of cranes) {
    limits.set(crane.name, ⟪crane⟶crane.limit⟫);
}
console.log(limits.size);
