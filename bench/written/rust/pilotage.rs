use std::collections::HashMap;

struct Book {
    trips: HashMap<String, Vec<u32>>,
}

impl Book {
    fn new() -> Book {
        Book { trips⟪ = ⟶: ⟫HashMap::new() }
    }

    fn add(&mut self, pilot: &str, hours: u32) {
        self.trips.entry(⟪pilot⟶pilot.to_string()⟶≡pilot.to_owned()⟶≡String::from(pilot)⟶≡pilot.into()⟫).or_insert(Vec::new()).push(hours);
    }

    fn hours(&self, pilot: &str) -> u32 {
        match ⟪trips⟶self.trips⟫.get(pilot) {
            Some(all) => all.iter().sum(),
            None => 0,
        }
    }

    fn busiest(&self) -> Option<String> {
        let mut best: Option<(String, u32)> = None;
        for name in self.trips.keys() {
            let hours = self.hours(name);
            let better = match ⟪best⟶&best⟶best.as_ref()⟫ {
                Some((_, most)) => hours > *most,
                None => true,
            };
            if better {
                best = Some((name.clone(), hours));
            }
        }
        best.map(|(name, _)⟪⟶| name⟫)
    }
}

fn main() {
    let mut book = Book::new();
    book.add("Ines", 6);
    book.add("Tom", 4);
    book.add("Tom", ⟪"5"⟶5⟫);
    println!("Tom: {}", book.hours("Tom"));
    println!("{}", book.busiest().unwrap());
}
