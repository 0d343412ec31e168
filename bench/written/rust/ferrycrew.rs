use std::fs;
use std::io::⟪stdin⟶{self, Write}⟫;

trait Role {
    fn pay(&self) -> u32;
    fn name(&self) -> String⟪⟶;⟫
}

struct Deckhand {
    name: String,
    shifts: u32,
}

struct Mate(String);

impl ⟪Deckhand for Role⟶Role for Deckhand⟫ {
    fn pay(&self) -> u32 {
        self.shifts * 80
    }
    fn name(&self) -> String {
        ⟪self.name⟶self.name.clone()⟶self.name.to_string()⟫
    }
}

impl Role for Mate {
    fn pay(&self) -> u32 {
        950
    }
    fn name(&self) -> String {
        self.0.clone()
    }
}

fn load(path: &str) -> Result<Vec<⟪dyn Role⟶Box<dyn Role>⟫>, String> {
    let text = fs::read_to_string(path).map_err(|e| e.to_string())?;
    let mut crew: Vec<Box<dyn Role>> = vec![];
    for line in text.⟪lines⟶lines()⟫ {
        let parts = line.split(',').collect::<Vec<⟪str⟶&str⟫>>();
        match parts[0] {
            "mate" => crew.push(⟪Mate(parts[1].to_string())⟶Box::new(Mate(parts[1].to_string()))⟫),
            "hand" => {
                let shifts = parts[2].trim().parse::<u32>().map_err(|e| e.to_string())?;
                crew.push(Box::new(Deckhand { name: parts[1].to_string()⟪⟶, shifts⟫ }));
            }
            ⟪else⟶_⟶other⟫ => return Err(format!("unknown role {}", parts[0])),
        }
    }
    ⟪crew⟶Ok(crew)⟫
}

fn main() {
    let mut out = io::stdout();
    match load("crew.txt") {
        Ok(crew) => {
            let mut sum = 0;
            for c in &crew {
                sum += c.pay⟪⟶()⟫;
                writeln!(out, "{}: {}", c.name(), c.pay()).unwrap();
            }
            println!("all {}", sum);
        }
        Err(why) => println!("{why}"⟪⟶)⟫,
    }
}
