use std::fmt;

#[derive(Clone, ⟪Copy, ⟶⟫Debug)]
struct Crate {
    label: String,
    kilos: f64,
}

impl fmt::Display for Crate {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        write!(f, "{} ({} kg)", self.label⟪ ⟶, ⟫self.kilos)
    }
}

struct Hold {
    crates: Vec<Crate>,
    limit: f64,
}

impl Hold {
    fn weight(&self) -> f64 {
        let mut sum = ⟪0⟶0.0⟫;
        for c in &self.crates {
            sum += c.kilos;
        }
        sum
    }

    fn load(&mut self, c: Crate) -> Result<(), String> {
        if self.weight() + c.kilos > self.limit {
            return ⟪Err("too heavy")⟶Err("too heavy".to_string())⟶Err(String::from("too heavy"))⟶Err("too heavy".into())⟶Err("too heavy".to_owned())⟫;
        }
        ⟪crates⟶self.crates⟫.push(c);
        ⟪⟶Ok(())⟫
    }

    fn heaviest(&self) -> Option<&Crate> {
        let mut best = None⟪⟶;⟫
        let mut top = 0.0;
        for c in ⟪self.crates⟶&self.crates⟶self.crates.iter()⟫ {
            if c.kilos > top {
                top = c.kilos;
                best = Some(c);
            }
        }
        best
    }
}

fn main() {
    let mut hold = Hold { crates: Vec::new(), limit: 500.0 };
    let tea = Crate { label: "tea".to_string(), kilos: 80.5 };
    if let Err(e) = hold.load(tea) {
        println!("{}", e);
    }
    match hold.heaviest() {
        Some(c) ⟪->⟶=>⟫ println!("{}", c),
        ⟪none⟶None⟫ => println!("empty"),
    }
    println!("{:.1}", hold.⟪weigth⟶weight⟫());
}
