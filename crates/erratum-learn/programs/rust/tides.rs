const NEEDED: f64 = 2.0;

struct TideTable {
    levels: Vec<f64>,
}

impl TideTable {
    fn new() -> TideTable {
        TideTable { levels: Vec::new() }
    }

    fn add(&mut self, level: f64) {
        self.levels.push(level);
    }

    fn open_hours(&self) -> usize {
        self.levels.iter().filter(|level| **level >= NEEDED).count()
    }

    fn highest(&self) -> f64 {
        let mut best = 0.0;
        for level in &self.levels {
            if *level > best {
                best = *level;
            }
        }
        best
    }
}

fn main() {
    let mut table = TideTable::new();
    for level in [0.8, 1.6, 2.4, 3.1, 2.7, 1.5] {
        table.add(level);
    }
    println!("highest: {}", table.highest());
    println!("open: {} hours", table.open_hours());
}
