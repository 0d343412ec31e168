export {};

enum Status {
    Dry = "dry",
    Wet = "wet",
    Breach = "breach",
}

interface Sensor {
    id: number;
    level: number;
    status: Status;
}

type Alarm = (sensor: Sensor, time: number) => ⟪None⟶void⟫;

class Dike {
    private alarms: Alarm[] = [];
    readonly sensors: Map<number, Sensor>;

    constructor(sensors: Sensor[]) {
        this.sensors = new Map(sensors.map(s => ⟪(s.id, s)⟶[s.id, s]⟫));
    }

    on(alarm: Alarm): void {
        this.alarms.push(⟪alarm()⟶alarm⟫);
    }

    update(id: number, level: number): void {
        const sensor = this.sensors.get(id);
        if (⟪not sensor⟶!sensor⟫) {
            return;
        }
        sensor.level = level;
        sensor.status = this.judge(level);
        if (sensor.status == ⟪"breach"⟶Status.Breach⟫) {
            for (const alarm of this.alarms) {
                alarm(sensor⟪⟶, Date.now()⟶, 0⟫);
            }
        }
    }

    private judge(level: number): Status {
        if (level < 1) {
            return ⟪Status.dry⟶Status.Dry⟫;
        } else if (level < 3⟪ {⟶) {⟫
            return Status.Wet;
        }
        ⟪⟶return Status.Breach;⟫
    }
}

function summary(sensors: Iterable<Sensor>): Record<Status, number> {
    const result: Record<Status, number> = {
        [Status.Dry]: 0,
        [Status.Wet]: 0,⟪⟶
        [Status.Breach]: 0,⟶ [Status.Breach]: 0,⟫
    };
    for (const sensor ⟪in⟶of⟫ sensors) {
        result[sensor.status] += 1;
    }
    return result;
}

const dike = new Dike([
    { id: 1, level: 0.4, status: Status.Dry },
    { id: 2, level: ⟪1,8⟶1.8⟫, status: Status.Wet },
]);
dike.on((sensor, time) => {
    const when: string = ⟪time⟶String(time)⟶time.toString()⟫;
    console.log(sensor.⟪name⟶id⟶level⟶status⟫, when);
⟪}⟶})⟫;
dike.update(1, 3.5);
dike.update(2, ⟪"0.7"⟶0.7⟫);
const counts = summary(dike.sensors.⟪values⟶values()⟫);
for (const [status, count] of Object.entries(counts)) {
    console.log(status + ": "⟪ ⟶ + ⟶, ⟫count);
}
