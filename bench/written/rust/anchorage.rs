use std::collections::HashMap;
use std::fmt;

#[derive(Debug, Clone, PartialEq)]
enum Kind {
    Tug,
    Ferry { seats: u32 },
}

struct Ship {
    name: String,
    kind: Kind⟪;⟶,⟶≡⟫
}

impl fmt::Display for Ship {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        match &self.kind {
            Kind::Tug => write!(f, "{} (tug)", self.name),
            Kind::Ferry { seats } ⟪->⟶=>⟫ write!(f, "{} ({} seats)", self.name, seats),
        }
    }
}

struct Port {
    ships: HashMap<u32, Ship>,
}

impl Port {
    fn new() -> Self {
        Port { ships: HashMap::⟪new⟶new()⟫ }
    }

    fn moor(⟪&self⟶&mut self⟫, berth: u32, ship: Ship) {
        self.ships.insert(berth, ship);
    }

    fn seats(&self) -> u32 {
        self.ships
            .values()
            .map(|s| match s.kind {
                Kind::Ferry { seats } => seats,
                ⟪⟶Kind::Tug => 0,⟶≡_ => 0,⟫
            })
            .sum()
    }
}

fn main() {
    let mut port = Port::new();
    port.moor(1, Ship { name: ⟪"tern"⟶"tern".to_string()⟶≡String::from("tern")⟶≡"tern".into()⟶≡"tern".to_owned()⟫, kind: Kind::Ferry { seats: 80 } });
    port.moor(2, Ship { name: String::from("bull"), kind: Kind::Tug });
    println!("{}", port.seats());
    for (berth, ship) in &port.ships {
        println!("{} {}"⟪ ⟶, ⟫berth, ship);
    }
}
