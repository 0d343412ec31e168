mod board {
    pub struct Board {
        rows: Vec<Vec<char>>,
    }

    impl Board {
        ⟪⟶pub ⟫fn new(width: usize, height: usize) -> Board {
            Board { rows: vec![vec!['.'; width]; height] }
        }

        pub fn set(&mut self, x: usize, y: usize, mark: char) {
            self.rows[y][x] = mark;
        }

        pub fn get(&self, x: usize, y: usize) -> Option<char> {
            self.rows.get(y)⟪⟶?⟫.get(x).copied()
        }

        pub fn show(&self) {
            for row in &self.rows {
                let line: String = row.iter().collect();
                println!("{}", line);
            }
        }
    }
}

⟪⟶use board::Board;⟫

fn mark_all(board: &mut Board, places: &[(usize, usize)]) -> usize {
    let mut count = 0;
    for &(x, y) in places {
        if board.get(x, y) == ⟪'.'⟶Some('.')⟫ {
            board.set(x, y, ⟪"#"⟶'#'⟫);
            count⟪++⟶ += 1⟫;
        }
    }
    count
}

fn main() {
    let mut board = Board::new(8, 3);
    let places = [(1, 1), (2, 1), (7, 2)];
    let n = mark_all(⟪&board⟶&mut board⟫, &places);
    ⟪println⟶println!⟫("{} marks", n);
    board.show();
}
