export {};

type Slot = { hour: number; boat?: string };

enum Status {
    Free⟪;⟶,⟫
    Taken,
}

function makeSlots(from: number, to: number): Slot[] {
    const slots: Slot[] = [];
    for (⟪const⟶let⟫ hour = from; hour < to; hour++) {
        slots.push({ ⟪hour = hour⟶hour: hour⟶hour⟫ });
    }
    return slots;
}

function status(slot: Slot): Status {
    return slot.boat ? Status.Taken ⟪;⟶:⟫ Status.Free;
}

function book(slots: Slot[], hour: number, boat: string): boolean {
    const slot = slots.find(⟪s => s.hour = hour⟶s => s.hour === hour⟶s => s.hour == hour⟫);
    ⟪if !slot⟶if (!slot)⟫ {
        return false;
    }
    if (status(slot) === Status.Taken) {
        return ⟪False⟶false⟫;
    }
    slot.boat = boat;
    return true;
}

function firstFree(slots: Slot[]): ⟪number⟶number | undefined⟫ {
    return slots.find(s => !s.boat)?.hour;
}

function boats(slots: Slot[]): string[] {
    return slots
        .filter(s => s.boat !== undefined)
        .map(s => ⟪s.boat⟶s.boat!⟶s.boat as string⟶s.boat ?? ""⟫)⟪.⟶;⟫
}

async function load(path: string): ⟪Slot[]⟶Promise<Slot[]>⟫ {
    const reply = await fetch(path);
    return await reply.json();
}

function show(slots: Slot[]): void {
    for (const s of slots) {
        const boat = s.boat ?? "free";
        console.log(⟪s.hour + ":00 " boat⟶s.hour + ":00 " + boat⟫);
    }
}

async function main() {
    const slots = makeSlots(8, 18);
    book(slots, 9, "Tern");
    book(slots, ⟪"10", "Auk"⟶10, "Auk"⟫);
    book(⟪11, "Skua"⟶slots, 11, "Skua"⟫);
    const extra = ⟪load("extra.json")⟶await load("extra.json")⟫;
    slots.push(...extra);
    show(slots);
    console.log(boats(slots), firstFree(slots));
}

main();
