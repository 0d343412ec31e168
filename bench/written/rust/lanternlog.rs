use std::collections::HashMap;
use std::fmt⟪⟶;⟫

#[derive(Debug, Clone⟪⟶, PartialEq⟫)]
enum Colour {
    Red,
    Green,
    White,
}

struct Lantern {
    id: u32,
    colour: Colour,
    lit: ⟪Bool⟶bool⟫,
}

impl fmt::Display for Lantern {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        let state = if ⟪lit⟶self.lit⟫ { "on" } else { "off" };
        write!(f, "{} {:?} {}", self.id, self.colour, state)
    }
}

struct Log {
    lanterns: Vec<Lantern>,
    hours: HashMap<u32, f64>,
}

impl Log {
    fn ⟪new(self)⟶new()⟫ -> Log {
        Log { lanterns: Vec::new(), hours: HashMap::new() }
    }

    fn add(⟪&self⟶&mut self⟫, id: u32, colour: Colour) {
        self.lanterns.push(Lantern { id, colour, lit: ⟪0⟶false⟫ });
    }

    fn light(&mut self, id: u32) -> Option<&Lantern> {
        for lantern in ⟪self.lanterns⟶self.lanterns.iter_mut()⟶&mut self.lanterns⟫ {
            if lantern.id == id {
                lantern.lit = true;
                return Some(lantern);
            }
        }
        ⟪Null⟶None⟫
    }

    fn burn(&mut self, id: u32, hours: f64) {
        *self.hours.entry(id).or_insert(⟪0⟶0.0⟫) += hours;
    }

    fn total(&self) -> f64 {
        self.hours.values().sum()
    }

    fn count(&self, colour: Colour) -> ⟪int⟶usize⟫ {
        self.lanterns.iter().filter(|l| l.colour == colour).count()
    }
}

fn main() {
    let ⟪⟶mut ⟫log = Log::new();
    log.add(1, Colour::Red);
    log.add(2, ⟪Green⟶Colour::Green⟫);
    log.add(3, Colour::White);
    if let Some(l) = log.light(2) {
        println!("{}", l);
    }
    log.burn(2, ⟪3⟶3.0⟫);
    log.burn(1, 1.5);
    println!("{} hours", log.total());
    println!("{} red", log.count(Colour::Red));
    for l in &log.lanterns {
        println!(⟪"{} {}", l⟶"{}", l⟫);
    }
}
