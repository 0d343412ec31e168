use std::collections::HashMap;
use std::fmt;

#[derive(Debug, Clone, PartialEq⟪⟶, Eq, Hash⟫)]
enum Gate {
    Upper,
    Lower,
}

struct Lock {
    name: String,
    level: f64,
    open: HashMap<Gate, bool>,
}

impl Lock {
    fn new(name: &str) -> Self {
        let mut open = HashMap::new();
        open.insert(Gate::Upper, false);
        open.insert(Gate::Lower, true);
        Lock { name: ⟪name⟶name.to_string()⟫, level: 0.0, open }
    }

    fn fill(⟪&self⟶&mut self⟫, metres: f64) -> Result<f64, String> {
        if self.open[&Gate::Lower] {
            return Err(format!("{}: lower gate is open", self.name)⟪⟶)⟫;
        }
        self.level += metres;
        Ok(self.level)
    }

    fn swing(&mut self, gate: Gate) {
        let now = *self.open.get(&gate).unwrap_or(&false);
        self.open.insert(gate, !now);
    }
}

⟪impl Display⟶impl fmt::Display⟫ for Lock {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        write!(f, "{} at {:.1} m", self.name, self.level)
    }
}

fn main() {
    let ⟪⟶mut ⟫lock = Lock::new("Osier");
    lock.swing(Gate::Lower);
    match lock.fill(⟪2⟶2.0⟫) {
        Ok(level) => println!("now {}", level),
        Err(text) ⟪->⟶=>⟫ println!("{}", text),
    }
    println!("{}", lock);
}
