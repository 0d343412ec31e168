use std::collections::HashMap;

#[derive(Debug, Clone, PartialEq)]
enum Mark {
    Lateral(Side),
    Cardinal,
    ⟪Special: u8⟶Special(u8)⟫,
}

#[derive(Debug, Clone, ⟪⟶Copy, ⟫PartialEq)]
enum Side { Port, Starboard }

struct Buoy {
    name: String,
    mark: Mark,
    depth: f64,
}

struct Field {
    buoys: Vec<Buoy>,
    notes: HashMap<String, String>⟪;⟶,⟶⟫
}

impl Field {
    fn new() -> Self {
        Field { buoys: vec![], notes: HashMap⟪.new()⟶::new()⟫ }
    }

    fn add(&mut self, name: &str, mark: Mark, depth: f64) {
        self.buoys.push(Buoy { name: ⟪name⟶name.to_string()⟶String::from(name)⟶name.to_owned()⟶name.into()⟫, mark, depth });
    }

    fn on(&self, side: Side) -> Vec<&Buoy> {
        self.buoys
            .iter()
            .filter(|b| b.mark == Mark::Lateral(side))
            .⟪collect⟶collect()⟫
    }

    fn shallowest(&self) -> Option<&Buoy> {
        let mut best: Option<&Buoy> = None;
        for b in &self.buoys {
            match best {
                Some(o) if o.depth <= b.depth => {}
                _ => best = ⟪b⟶Some(b)⟫,
            }
        }
        ⟪best;⟶best⟶return best;⟫
    }

    fn note(&mut self, name: &str, text: String) {
        self.notes.insert(name.to_string()⟪ text⟶, text⟫);
    }
}

fn main() {
    let ⟪field⟶mut field⟫ = Field::new();
    field.add("Skerry", Mark::Lateral(Side::Port), 4.5);
    field.add("Holm", Mark::Special(3), ⟪6⟶6.0⟶6.⟫);
    field.note("Holm", ⟪"yellow"⟶"yellow".to_string()⟶String::from("yellow")⟶"yellow".into()⟶"yellow".to_owned()⟫);
    for b in field.on(Side::Port) {
        println!("{} {:?}", b.name, b.mark);
    }
    if let Some(b) = field.shallowest() {
        println!("{}: {}", ⟪b⟶b.name⟫, b.depth);
    }
}
