use std::collections::BTreeMap;

#[derive(Debug, Clone, Copy, PartialEq, Eq, ⟪⟶PartialOrd, ⟫Ord)]
enum Load { Light, Medium, Heavy }

struct Crane<'a> {
    name: ⟪&str⟶&'a str⟫,
    limit: u32,
    lifts: Vec<u32>,
}

impl⟪⟶<'a>⟫ Crane<'a> {
    fn new(name: &'a str, limit: u32) -> Crane<'a> {
        Crane { name, limit, lifts: ⟪[]⟶vec![]⟶Vec::new()⟫ }
    }

    fn lift(&⟪⟶mut ⟫self, tons: u32) -> Result<(), String> {
        if tons > self.limit {
            return Err(format!("{} is too heavy for {}", tons, ⟪name⟶self.name⟫));
        }
        self.lifts.push(tons);
        Ok⟪⟶(())⟫
    }

    fn kind(tons: u32) -> Load {
        match tons {
            0..=5 => Load::Light,
            6..=20 => Load::Medium,
            ⟪else⟶_⟫ => Load::Heavy,
        }
    }

    fn kinds(&self) -> BTreeMap<Load, usize> {
        let mut map = BTreeMap::new();
        for t in &self.lifts {
            *map.entry(Crane::kind(⟪t⟶*t⟫)).or_insert(0) += 1;
        }
        map
    }

    fn mean(&self) -> Option<f32> {
        if self.lifts.is_empty() { return None; }
        let sum: u32 = self.lifts.iter().sum();
        Some(⟪sum / self.lifts.len()⟶sum as f32 / self.lifts.len() as f32⟫)
    }
}

fn main() {
    let mut crane = Crane::new("north", 30);
    for tons in ⟪(4, 12, 35)⟶[4, 12, 35]⟶vec![4, 12, 35]⟫ {
        if let Err(e) = crane.lift(tons) {
            println!("{}", e);
        }
    }
    for (kind, n) in crane.kinds() {
        println!("{:?}: {}", kind⟪ n⟶, n⟫);
    }
    match crane.mean() {
        Some(m) => println!("{:.1}", m),
        None ⟪->⟶=>⟫ println!("none"),
    }
}
