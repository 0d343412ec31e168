trait Vessel {
    fn seats(&self) -> u32;
    fn name(&self) -> String;
}

struct Ferry {
    name: String,
    decks: u32,
}

struct Launch;

impl Vessel for Ferry {
    fn seats(&self) -> u32 {
        self.decks * 80
    }
    fn name(&self) -> String {
        self.name⟪⟶.clone()⟫
    }
}

impl Vessel for Launch {⟪⟶
    fn name(&self) -> String { "launch".to_string() }⟫
    fn seats(&self) -> u32 { 12 }
}

fn largest(fleet: &[Box<dyn Vessel>]) -> u32 {
    fleet.iter().map(|v| v⟪->⟶.⟫seats()).max().unwrap_or(0)
}

fn main() {
    let ferry = Ferry { name: "Marta".to_string(), decks: 2 };
    let fleet: Vec<Box<dyn Vessel>> = vec![Box::new(ferry), ⟪Launch⟶Box::new(Launch)⟫];
    println!("{}", largest(&fleet));
    for vessel in ⟪⟶&⟫fleet {
        println!("{}", vessel.name());
    }
    println!("{} boats", fleet.len());
}
