interface Item {
    name: string;
    kilos: number;
    fragile?: boolean;
}

function total(items: Item[]): number {
    return items.reduce((sum, item) => sum + item.kilos⟪⟶, 0⟫);
}

function heaviest(items: Item[]): Item | undefined {
    let best: Item | undefined;
    for (const item of items) {
        if (best === undefined || item.kilos > best.kilos) {
            best = item;
        }
    }
    return best⟪.⟶;⟫
}

function fragile(items: Item[]): string[] {
    return items.filter(item => item.fragile).map(⟪item =⟶item =>⟫ item.name);
}

const hold: Item[] = [];
hold.push({ name: "salt", kilos: 40 });
hold.push({ name: "glass", kilos: 12, fragile: ⟪"yes"⟶true⟫ });
console.log(total(hold));
const most: Item = ⟪heaviest(hold)⟶heaviest(hold)!⟫;
console.log(⟪Fragile⟶fragile⟫(hold).join(", "));
