use std::collections::HashMap;
use std::fmt;

#[derive(Debug, Clone, PartialEq)]
enum Wood {
    Oak,
    Larch { years: u32 },
}

struct Plank {
    length: f64,
    wood: Wood,
}

impl fmt::Display for Plank {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        match &self.wood {
            Wood::Oak => write!(f, "oak {:.1} m", self.length),
            Wood::Larch { years } => write!(f, "larch {} m, {} years"⟪, years⟶, self.length, years⟫),
        }
    }
}

struct Yard {
    planks: Vec<Plank>,
    orders: HashMap<String, usize>,
}

impl Yard {
    fn new() -> Yard {
        Yard { planks: Vec::new(), ⟪orders = HashMap::new()⟶orders: HashMap::new()⟫ }
    }

    fn stack(⟪&self⟶&mut self⟫, plank: Plank) {
        self.planks.push(plank);
    }

    fn longest(&self) -> Option<&Plank> {
        let mut best: Option<&Plank> = ⟪null⟶None⟫;
        for plank in &self.planks {
            match best {
                Some(b) if b.length >= plank.length => {}
                _ => best = ⟪plank⟶Some(plank)⟫,
            }
        }
        best
    }

    fn order(&mut self, who: &str, count: usize) -> Result<usize, String> {
        if count > self.planks.len() {
            return ⟪"too many"⟶Err("too many".to_string())⟶Err("too many".into())⟶Err(String::from("too many"))⟫;
        }
        *self.orders.entry(⟪who⟶who.to_string()⟶who.into()⟶String::from(who)⟶who.to_owned()⟫).or_insert(0) += count;
        Ok(count)
    }
}

fn main() {
    let mut yard = Yard::new();
    yard.stack(Plank { length: 4.2, wood: Wood::Oak });
    yard.stack(Plank { length: ⟪6⟶6.0⟫, wood: Wood::Larch { years: 40 } });
    if let Some(p) = yard.longest() {
        println!("{}", p);
    }
    match yard.order("Hesse", 2) {
        Ok(n) => println!("{} ordered", n),
        Err(e) ⟪-> ⟶=> ⟫println!("{}", e),
    }
    let total: f64 = yard.planks.iter().map(|p| p.length)⟪⟶.sum()⟫;
    println!("{total}");
}
