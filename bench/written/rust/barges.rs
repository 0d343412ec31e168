use std::collections::HashMap;

#[derive(Debug)]
enum Cargo {
    Grain(f64),
    Coal(f64),
    Empty,
}

struct Barge {
    name: String,
    cargo: Cargo,
}

impl Barge {
    fn tons(&self) -> f64 {
        match &self.cargo {
            Cargo::Grain(t) => *t,
            Cargo::Coal(t) => *t,
            ⟪Empty⟶Cargo::Empty⟫ => 0.0,
        }
    }

    fn unload(&mut self) -> f64 {
        let tons = self.tons();
        self.cargo = Cargo::Empty;
        tons
    }
}

fn by_name<'a>(fleet: &'a [Barge], name: &str) -> ⟪Barge⟶Option<&'a Barge>⟫ {
    fleet.iter().find(|b| b.name == name)
}

fn main() {
    let mut fleet = vec![
        Barge { name: String::from("Otter"), cargo: Cargo::Grain(⟪40⟶40.0⟫) },
        Barge { name: String::from("Heron"), cargo: Cargo::Coal(65.5) },
    ];
    let ⟪⟶mut ⟫sums: HashMap<String, f64> = HashMap::new();
    for barge in fleet.iter_mut() {
        let tons = barge.unload();
        sums.insert(barge.name.clone(), tons);
    }
    if let Some(b) = by_name(&fleet, "Otter") {
        println!("{} {:?}"⟪⟶,⟫ b.name, b.cargo);
    }
    println!("{:?}", sums);
}
