export {};

enum Cell {
    Free,
    Taken,
    Closed,
}

interface Boat {
    name: string;
    beam: number;
    owner: { name: string; phone?: string };
}

class Grid {
    private cells: Cell[][];
    private boats: ⟪Map<number, Boat>()⟶Map<number, Boat>⟫ = new Map();

    constructor(public rows: number, public columns: number) {
        this.cells = [];
        for (let row = 0; row < rows; row++) {
            this.cells.push(new Array<Cell>(columns).fill(⟪Free⟶Cell.Free⟫));
        }
    }

    private index(row: number, column: number): number {
        ⟪row⟶return row⟫ * this.columns + column;
    }

    park(boat: Boat, row: number, column: number): boolean {
        if (this.cells[row][column] ⟪=⟶===⟶==⟫ Cell.Taken) {
            return false;
        }
        this.cells[row][column] = Cell.Taken;
        this.boats⟪[this.index(row, column)] = boat⟶.set(this.index(row, column), boat)⟫;
        return true;
    }

    owner(row: number, column: number): string {
        const boat = this.boats.get(this.index(row, column));
        return ⟪boat.owner.name⟶boat!.owner.name⟶boat?.owner.name ?? ""⟶boat ? boat.owner.name : ""⟫;
    }

    free(): number {
        let count⟪: int⟶: number⟶⟫ = 0;
        for (const row of this.cells) {
            for (const cell of row) {
                if (cell === Cell.Free) {
                    count++;
                ⟪⟶}⟫
            }
        }
        return count;
    }

    print(): void {
        const marks: Record<Cell, string> = {
            [Cell.Free]: ".",
            [Cell.Taken]: "#",⟪⟶
            [Cell.Closed]: "x",⟶ [Cell.Closed]: "x",⟫
        };
        for (const row of this.cells) {
            console.log(row.map(cell => marks[cell]).join(⟪'⟶"⟫"));
        }
    }
}

const grid = ⟪Grid(3, 4)⟶new Grid(3, 4)⟫;
const sloop: Boat = { name: "Petrel", beam: 3, owner: { name: "Imke" } };
grid.park(sloop, 0, 1⟪⟶)⟫;
grid.park({ name: "Fulmar", beam: 4⟪⟶, owner: { name: "" }⟶, owner: sloop.owner⟫ }, 1, 2);
console.log(grid.owner(0, 1), grid.free());
console.log(sloop.owner.phone⟪⟶?⟶!⟫.length);
grid.print();
