#[derive(Debug)]
struct Crate {
    label: String,
    kilos: f64,
}

trait Heavy {
    fn heavy(&self) -> bool;
}

impl Heavy for Crate {
    fn heavy(&self) -> bool {
        self.kilos > ⟪40⟶40.0⟫
    }
}

fn total(crates: &[Crate]) -> f64 {
    crates.iter().map(|c| c.kilos).⟪sum⟶sum()⟶≡sum::<f64>()⟫
}

fn heaviest(crates: &[Crate]) -> Option<&Crate> {
    let mut best: Option<&Crate> = None;
    for c in crates {
        match best {
            None => best = Some(c),
            Some(b) => if c.kilos > b.kilos { best = Some(c) },
        }
    }
    best
}

fn main() {
    let crates = vec![
        Crate { label: "rope".to_string(), kilos: 12.5 },
        Crate { label: "salt".to_string(), ⟪weight⟶kilos⟫: 55.0 },
    ];
    println!("total {}", total(⟪crates⟶&crates⟫));
    if let Some(c) = heaviest(&crates) {
        println!("heaviest {} {}", c.label, c.heavy()⟪⟶)⟫;
    }
    println⟪⟶!⟫("{:?}", crates);
}
