interface Buoy {
    id: number;
    colour: "red" | "green";
}

function load(text: string): Buoy[] {
    const buoys: Buoy[] = [];
    for (const line of text.split("\n")) {
        const [id, colour] = line.split(":");
        if (colour === "red" || colour === "green"⟪⟶)⟫ {
            buoys.push({ id: Number(id), colour });
        }
    }
    return buoys;
}

function count(buoys: Buoy[], colour: string): ⟪string⟶number⟫ {
    let n = 0;
    buoys.forEach(b => { if (b.colour === colour) n++; });
    return n;
}

const text = ⟪"1:red\n2:green⟶"1:red\n2:green"⟫;
const buoys = load(text);
console.log(count(buoys, "red"));
console.log(count(⟪⟶buoys, ⟫"green"));
