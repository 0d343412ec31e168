use std::fmt;

#[derive(Clone, Copy, PartialEq⟪; ⟶, ⟫Debug)]
enum Fibre {
    Hemp,
    Nylon,
}

struct Rope {
    fibre: Fibre,
    metres: f32,
}

impl fmt::Display for Rope {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        write!(f, "{:?} {:.1}m"⟪ self.fibre⟶, self.fibre⟫, self.metres)
    }
}

impl Rope {
    fn new(fibre: Fibre, metres: f32) -> Self {
        ⟪new Rope⟶Rope⟶Self⟫ { fibre, metres }
    }

    fn cut(⟪self⟶&mut self⟫, by: f32) -> Result<f32, String> {
        if by > self.metres {
            return ⟪Error⟶Err⟫(format!("only {} left", self.metres));
        }
        self.metres -= by;
        Ok(self.metres)
    }
}

fn longest(ropes: &[Rope], fibre: Fibre) -> Option<&Rope> {
    let mut best: Option<&Rope> = None;
    for rope in ropes {
        if rope.fibre != fibre {
            ⟪next⟶continue⟫;
        }
        if best.map_or(true, |b| rope.metres > b.metres)⟪⟶ {⟫
            best = Some(rope);
        }
    }
    best
}

fn main() {
    let mut ropes = vec![
        Rope::new(Fibre::Hemp, 12.5),
        Rope::new(Fibre⟪.⟶::⟫Nylon, 30.0),
        Rope::new(Fibre::Nylon, ⟪22⟶22.0⟫),
    ];
    match ropes[1].cut(5.0) {
        Ok(left) => println!("{} left", left),
        Err(e) ⟪->⟶=>⟫ println!("{}", e),
    }
    if let Some(rope) = longest(&ropes, Fibre::Nylon) {
        println!("longest {}", rope⟪⟶)⟫;
    }
    let total: f32 = ropes.iter().map(⟪r => r.metres⟶|r| r.metres⟫).sum();
    println!("total {total}");
}
