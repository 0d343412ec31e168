interface Letter {
    to: string;
    grams: number;
    tags?: string[];
}

class Bag {
    private letters: Letter[] = ⟪{}⟶[]⟫;

    constructor(private limit: number) {}

    weight(): number {
        return this.letters.map(l => l.grams).reduce((a, b) => a + b, 0);
    }

    add(letter: Letter): boolean {
        if (this.weight() + letter.grams > this.limit) {
            return false;
        }
        this.letters.⟪append⟶push⟫(letter);
        return ⟪True⟶true⟫;
    }

    heaviest(): Letter | undefined {
        return [...this.letters].sort((a, b) => b.grams - a.grams)[0];
    }
}

const bag = new Bag(100);
bag.add({ to: "Mole", grams: 60 }⟪⟶)⟫;
bag.add({ to: "Skerry"⟪; ⟶, ⟫grams: 30 });
const top1 = bag.heaviest();
if (top1) {
    console.log(top1.to.⟪toUppercase⟶toUpperCase⟫());
}
console.log(bag.weight() + " g");
