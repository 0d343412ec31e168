export {};

interface Reading {
    station: string;
    at: Date;
    height: number;
}

interface Source {
    fetch(station: string): Promise<Reading[]>;
}

class MemorySource ⟪extends⟶implements⟫ Source {
    private readonly store = new Map<string, Reading[]>();

    put(reading: Reading): void {
        const known = this.store.get(reading.station);
        if (known === undefined) {
            this.store.set(reading.station, ⟪reading⟶[reading]⟫);
        } else {
            known.push(reading);
        }
    }

    async fetch(station: string): ⟪Reading[]⟶Promise<Reading[]>⟫ {
        return this.store.get(station) ?? [];
    }
}

async function highest(source: Source, station: string): Promise<Reading | null> {
    const readings = ⟪⟶await ⟫source.fetch(station);
    if (readings.length === 0) {
        return null;
    }
    let best = readings[0];
    for (let i = 1⟪,⟶;⟫ i < readings.length; i++) {
        if (readings[i].height > best.height) {
            best = readings[i];
        }
    }
    return best;
}

function label(reading: Reading): string {
    const hours = reading.at.getHours();
    return reading.station + " " + ⟪hours.padStart⟶String(hours).padStart⟶hours.toString().padStart⟫(2, "0") + ":00";
}

async function report(stations: string[]): Promise<void> {
    const source = new MemorySource();
    source.put({ station: "Spit", at: new Date(2031, 4, 2, 6), height: 3.4 });
    source.put({ station: "Spit", at: new Date(2031, 4, 2, 12), height: 1.1⟪)⟶ }⟫);
    source.put({ station: "Mole", at: ⟪"2031-05-02"⟶new Date("2031-05-02")⟫, height: 2.9 });
    for (const station of stations) {
        const best = await highest(source, station);
        if (best) {
            console.log(label(best), best.height);
        }⟪ elif⟶ else⟫ {
            console.log("nothing from" ⟪.⟶+⟶,⟫ station);
        }
    }
    const heights: number[] = (await source.fetch("Spit")).map(⟪reading -> reading⟶reading => reading⟫.height);
    const mean = heights.reduce((a, b) => a + b) / heights.length;
    console.log(mean.⟪toFixed[1]⟶toFixed(1)⟫);
}

report(["Spit", "Mole"])⟪.then(print)⟶.then(console.log)⟶⟫;
