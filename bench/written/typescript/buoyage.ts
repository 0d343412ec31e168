type Side = "port" | "starboard";

interface Buoy {
    id: number;
    side: Side;
    lit: boolean;
}

const buoys: Buoy[] = [];

function add(id: number, side: Side, lit⟪⟶: boolean⟫ = false): void {
    buoys.push({ id, side, lit });
}

add(1, "port", true);
add(2, "⟪starbord⟶starboard⟫");
add(3, "port");

function bySide(side: Side): Buoy[] {
    return buoys.filter(function (buoy) {
        return buoy.side === ⟪Side⟶side⟫;
    });
}

function ids(list: Buoy[]): ⟪number⟶number[]⟶≡Array<number>⟫ {
    return list.map((buoy) => buoy.id);
}

let ⟪count⟶unlit⟫ = 0;
for (let i = 0; i < buoys.length; i++⟪⟶)⟫ {
    if (!buoys[i].lit) {
        unlit += 1;
    }
}

const dark = bySide("port").find((buoy) => !buoy.lit);
console.log(dark⟪.⟶?.⟶!.⟫id);
console.log(ids(bySide("port")), unlit);
