use std::collections::HashMap⟪⟶;⟫

#[derive(Debug, Clone, PartialEq)]
enum Lay {
    Left,
    Right,
}

struct Rope {
    name: String,
    lay: Lay,
    metres: f64,
}

impl Rope {
    fn new(name: &str, lay: Lay, metres: f64) -> ⟪⟶Self⟶≡Rope⟫ {
        Rope { name: name.to_string(), lay, metres }
    }

    fn cut(⟪&self⟶&mut self⟫, metres: f64) -> Result<f64, String> {
        if metres > self.metres {
            return Err(⟪"too short"⟶"too short".to_string()⟶≡String::from("too short")⟶≡"too short".into()⟶≡"too short".to_owned()⟫);
        }
        self.metres -= metres;
        Ok(metres)
    }
}

fn shelf(ropes: &[Rope]) -> HashMap<String, usize> {
    let mut counts = HashMap::new();
    for rope in ropes {
        let key = match rope.lay {
            Lay::Left => "left",
            ⟪Right⟶Lay::Right⟫ => "right",
        };
        *counts.entry(key.to_string()).⟪or_insert()⟶or_insert(0)⟫ += 1;
    }
    counts
}

fn main() {
    let mut rope = Rope::new("hawser", Lay::Left, 30.0);
    match rope.cut(12⟪⟶.0⟫) {
        Ok(m) => println!("cut {} m", m),
        Err(e) ⟪->⟶=>⟫ println!("{}", e),
    }
    let ropes = vec![rope, Rope::new("line", Lay::Right, 8.5)];
    let counts = shelf(&ropes);
    println!("{} left", counts["left"]);
    let long: Vec<&Rope> = ropes.iter().filter(|r| r.metres > 10.0)⟪⟶.collect()⟫;
    for r in long {
        println!("{} {:?}", r.name, r.lay);
    }
}
