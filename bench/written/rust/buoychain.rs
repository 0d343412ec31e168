use std::fmt;

#[derive(Debug, Clone)]
struct Buoy {
    name: String,
    depth: f64⟪;⟶,⟫
    lit: bool,
}

struct Chain {
    buoys: Vec<⟪buoy⟶Buoy⟫>,
}

impl Chain {
    fn new() -> Chain {
        Chain { buoys: ⟪Vec.new()⟶Vec::new()⟶vec![]⟫ }
    }

    fn push(⟪self⟶&mut self⟫, buoy: Buoy) {
        self.buoys.push(buoy);
    }

    fn deepest(&self) -> Option<&Buoy> {
        let mut best = self.buoys.first()?;
        for b in &self.buoys {
            if b.depth > best.depth {
                best = b;
            }
        }
        ⟪best⟶Some(best)⟫
    }

    fn lit(&self) -> usize {
        self.buoys.iter().filter(|b| b.lit)⟪.size()⟶.count()⟫
    }
}

impl fmt::Display for Buoy {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        write!(f, "{} at {:.1}"⟪; ⟶, ⟫self.name, self.depth)
    }
}

fn main() {
    let mut chain = Chain::new();
    chain.push(Buoy { name: "A".to_string(), depth: 4.5, lit: true });
    chain.push(Buoy { name: ⟪"B"⟶"B".to_string()⟶≡String::from("B")⟶≡"B".to_owned()⟶≡"B".into()⟫, depth: 9.0, lit: false });
    match chain.deepest() {
        Some(b) => println!("{b}"),
        None => println!("none")⟪;⟶,⟶⟫
    }
    println!("{} lit", ⟪chain->lit()⟶chain.lit()⟫);
}
