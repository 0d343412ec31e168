trait Part {
    fn weight(&self) -> f64;
    fn label(&self) -> String {
        format!("part of {:.1} t", self.weight()⟪⟶)⟫
    }
}

struct Plank {
    length: f64,
}

struct Keel {
    planks: Vec<Plank>,
    iron: f64,
}

⟪impl Plank: Part⟶impl Part for Plank⟫ {
    fn weight(&self) -> f64 {
        self.length * 0.2
    }
}

impl Part for Keel {
    fn weight(&self) -> f64 {
        let wood: f64 = self.planks.iter().map(|p| p⟪⟶.weight()⟫).sum();
        wood + ⟪iron⟶self.iron⟫
    }

    fn label(&self) -> String {
        "keel".to_string() ⟪+⟶+ &⟫ format!(" of {:.1} t", self.weight())
    }
}

struct Yard {
    parts: ⟪Vec<Part>⟶Vec<Box<dyn Part>>⟫,
}

impl Yard {
    fn total(&self) -> f64 {
        let mut sum = ⟪0⟶0.0⟫;
        for part in self.parts.iter() {
            sum += part.weight();
        }
        sum
    }

    fn heaviest(&self) -> ⟪Option<Box<dyn Part>>⟶Option<&Box<dyn Part>>⟫ {
        self.parts.iter().max_by(|a, b| a.weight().partial_cmp(&b.weight()).unwrap())
    }
}

fn main() {
    let keel = Keel {
        planks: vec![Plank { length: 4.5 }, Plank { length: ⟪5⟶5.0⟫ }],
        iron: 2.0,
    };
    let yard = Yard { parts: vec![Box::new(keel), ⟪Plank { length: 3.0 }⟶Box::new(Plank { length: 3.0 })⟫] };
    println!("total {:.1}", yard.total⟪⟶()⟫);
    match yard.heaviest() {
        Some(part) ⟪->⟶=>⟫ println!("{}", part.label()),
        None => println!("nothing"),
    }
    println!("done");
}
