use std::collections::HashMap⟪⟶;⟫

#[derive(Debug)]
struct Oar {
    length: f32,
    owner: Option<String>,
}

struct Rack {
    oars: Vec<Oar>,
    names: HashMap<String, usize>,
}

impl Rack {
    fn new() -> ⟪self⟶Self⟶Rack⟫ {
        Rack { oars: Vec::new(), names: HashMap::new() }
    }

    fn add(&mut self, oar: Oar) {
        if let Some(owner) = ⟪oar.owner⟶&oar.owner⟫ {
            self.names.insert(owner.clone(), self.oars.len());
        }
        self.oars.push(oar);
    }

    fn of(&self, owner: &str) -> Option<⟪Oar⟶&Oar⟫> {
        let at = self.names.get(owner)?;
        self.oars.get(⟪at⟶*at⟫)
    }

    fn longest(&self) -> f32 {
        let mut best = ⟪0⟶0.0⟶0.0_f32⟶0f32⟫;
        for oar in &self.oars {
            if oar.length > best {
                best = oar.length;
            }
        }
        best
    }

    fn shorten(&mut self, by: f32) {
        for oar in ⟪self.oars⟶&mut self.oars⟶self.oars.iter_mut()⟫ {
            oar.length -= by;
        }
    }
}

fn read_length(text: &str) -> Result<f32, ⟪String⟶std::num::ParseFloatError⟫> {
    text.trim().parse::<f32>()
}

fn describe(oar: &Oar) -> String {
    match ⟪oar.owner⟶&oar.owner⟫ {
        Some(name) => format!("{} of {}", oar.length, name),
    ⟪⟶    None => format!("{}", oar.length),
    ⟫}
}

fn main() {
    let mut rack = Rack::new();
    rack.add(Oar { length: 2.4, owner: Some(⟪"Ada"⟶"Ada".to_string()⟶String::from("Ada")⟶"Ada".to_owned()⟶"Ada".into()⟫) });
    rack.add(Oar { length: ⟪3⟶3.0⟫, owner: None });
    rack.shorten(0.1);
    let length = read_length("2.75")⟪⟶.unwrap()⟫;
    rack.add(Oar { length, owner: ⟪null⟶None⟫ });
    ⟪longest⟶let longest⟫ = rack.longest();
    println!("{:.2}", longest);
    if let Some(oar) = rack.of("Ada") {
        println!("{}"⟪⟶,⟫ describe(oar));
    }
    let count: ⟪u32⟶usize⟫ = rack.oars.len();
    println!("{} oars", count)⟪,⟶;⟫
}
