interface Task {
    title: string;
    days: number;
    done: boolean;
}

async function load(name: string): Promise<Task[]> {
    const tasks: Task[] = [
        { title: name + " hull", days: 3, done: false },
        { title: name + " rudder", days: 1, done: true },
    ];
    return tasks;
}

⟪⟶async ⟫function remaining(name: string): Promise<number> {
    const tasks = await load(name);
    let days = 0;
    for (const task ⟪in⟶of⟫ tasks) {
        if (!task.done) {
            days += task.days;
        }
    }
    return days;
}

function plan(days: number): string {
    if (days ⟪=>⟶>=⟫ 7) {
        return "a week or more";
    }
    return `${days} days`;
}

async function main(): Promise<⟪Void⟶void⟫> {
    const days = ⟪⟶await ⟫remaining("Petrel");
    console.log(plan(days));
    const all = await load("Skua");
    const titles = all.map(task => task.title⟪()⟶⟫);
    console.log(titles.join(", "));
}

main();
