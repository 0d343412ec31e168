use std::collections::HashMap;
⟪⟶use std::fmt;
⟫
#[derive(Debug, Clone⟪⟶, PartialEq⟶, PartialEq, Eq⟫)]
enum Size {
    Small,
    Large,
}

struct Stay {
    ship: String,
    size: Size,
    nights: u32,
}

impl fmt::Display for Stay {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        write!(f, "{} for {} nights", self.ship, self.nights)⟪;⟶⟫
    }
}

struct Bill {
    total: f64,
    stays: Vec<Stay>,
}

impl Bill {
    fn new() -> ⟪self⟶Self⟶Bill⟫ {
        Bill { total: ⟪0⟶0.0⟫, stays: Vec::new() }
    }

    fn add(&mut self, stay: Stay) {
        let rate = if stay.size == Size::Small { 18.5 } else { 40.0 };
        self.total += rate * stay.nights⟪⟶ as f64⟫;
        self.stays.push(stay);
    }

    fn by_ship(&self) -> HashMap<String, u32> {
        let mut map = HashMap::new();
        for stay in ⟪self.stays⟶&self.stays⟶self.stays.iter()⟫ {
            *map.entry(stay.ship.clone()).or_insert(0) += stay.nights;
        }
        map
    }
}

fn main() {
    let ⟪⟶mut ⟫bill = Bill::new();
    bill.add(Stay { ship: ⟪"Tern"⟶"Tern".to_string()⟶≡String::from("Tern")⟶"Tern".into()⟶"Tern".to_owned()⟫, size: Size::Small, nights: 2 });
    for stay in &bill.stays {
        println!("{}"⟪⟶,⟫ stay);
    }
    println!("{:?} {}", bill.by_ship(), bill.total);
}
