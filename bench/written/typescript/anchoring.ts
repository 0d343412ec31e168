interface Anchorage {
    name: string;
    depth: number;
    sheltered: boolean;
    notes?: string;
}

const places: Anchorage[] = [
    { name: "Sand Bay", depth: 6, sheltered: true },
    { name: "Long Reach", depth: ⟪"11"⟶11⟫, sheltered: false, notes: "swell" },
    { name: "Inner Pool", depth: 4⟪⟶, sheltered: true⟶, sheltered: false⟫ },
];

function chain(place: Anchorage, ratio: number = 4): number {
    return place.⟪dept⟶depth⟫ * ratio;
}

function describe(place: Anchorage): string {
    const note = place.notes⟪⟶ ?? ""⟶ || ""⟶!⟫;
    return `${place.name}: ${place.depth} m ${note.toUpperCase()}`;
}

function best(all: Anchorage[]): Anchorage | undefined {
    return all.filter(one => one.sheltered).sort((a, b) => a.depth - b.depth)[0];
}

for (const place of places⟪⟶)⟫ {
    console.log(describe(place));
    console.log(chain(place));
}

const found = best(places);
if (found) {
    console.log("anchor in " + found.name);
}
const total: ⟪string⟶number⟫ = places.reduce((sum, one) => sum + one.depth, 0);
console.log(total);
