use std::collections::HashMap;
use std::fmt;

#[derive(Debug, Clone, PartialEq)]
enum Load {
    Car { length: f64 },
    Lorry { length: f64, axles: u32 },
    Foot,
}

struct Deck {
    lanes: Vec<f64>,
    loads: Vec<Load>,
}

impl Deck {
    fn new(lanes: usize, length: f64) -> ⟪self⟶Self⟶≡Deck⟫ {
        Deck { lanes: vec![length; lanes], loads: Vec::new() }
    }

    fn take(&⟪⟶mut ⟫self, load: Load) -> bool {
        let needed = match load {
            Load::Car { length } => length + 0.5,
            Load::Lorry { length, ⟪⟶.. ⟶axles ⟫} => length + 1.0,
            Load::Foot => 0.0,
        };
        for lane in ⟪self.lanes⟶self.lanes.iter_mut()⟶≡&mut self.lanes⟫ {
            if *lane >= needed {
                *lane -= needed;
                self.loads.push(load);
                return true;
            }
        }
        false
    }

    fn fares(&self) -> HashMap<String, u32> {
        let mut counts = HashMap::new();
        for load in &self.loads {
            let kind = match load {
                Load::Car { .. } => "car",
                Load::Lorry { axles, .. } if *axles > 2 => "heavy",
                Load::Lorry { .. } => "lorry",
                Load::Foot => "foot",
            };
            *counts.entry(kind⟪⟶.to_string()⟶≡.to_owned()⟶≡.into()⟫).or_insert(0) += 1;
        }
        counts
    }
}

impl fmt::Display for Deck {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        let free: f64 = self.lanes.iter().sum();
        write!(f, "{} loads, {:.1} m free", self.loads⟪.length⟶.len()⟫, free)⟪;⟶⟫
    }
}

fn main() {
    let ⟪⟶mut ⟫deck = Deck::new(3, 42⟪⟶.0⟶≡f64⟫);
    deck.take(Load::Car { length: 4.2 });
    deck.take(Load::Lorry { length: 12.0, axles: 4 });
    println!("{}", deck);
    for (kind, count) in deck.fares() {
        println!("{kind}: {⟪counts⟶count⟫}");
    }
}
