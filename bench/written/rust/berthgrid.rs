const ROWS: usize = 3;
const COLS: usize = 4;

struct Grid {
    cells: [[char; COLS]; ROWS],
}

impl Grid {
    fn new() -> Grid {
        Grid { cells: [[⟪"."⟶'.'⟫; COLS]; ROWS] }
    }

    fn place(&mut self, row: usize, col: usize, mark: char) -> bool {
        if row >= ROWS ⟪or⟶||⟫ col >= COLS {
            return false;
        }
        self.cells[row][col] = mark;
        true
    }

    fn free(&self) -> usize {
        self.cells.iter().flatten().filter(|c| **c == '.').count()
    }

    fn print(&self) {
        for row in self.cells.iter() {
            let line: String = row.iter().collect();
            println!("{line}");
        }
    }
}

fn main() {
    let mut grid = Grid⟪.⟶::⟫new();
    grid.place(0, 1, 'T');
    grid.place(⟪-1⟶1⟶0⟶2⟫, 2, 'F');
    ⟪for (i in 0..2)⟶for i in 0..2⟫ {
        grid.place(2, i, 'B');
    }
    grid.print();
    let free: ⟪int⟶usize⟫ = grid.free();
    if free ⟪<>⟶!=⟫ 0 {
        println!("{} free", free);
    }
}
