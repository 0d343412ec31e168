use std::collections::BTreeMap;

trait Berth {
    fn depth(&self) -> f64;
    fn name(&self) -> String;
    fn fits(&self, draught: ⟪f64)⟶f64) -> bool⟫ {
        self.depth() > draught
    }
}

struct Quay {
    depth: f64,
    label: &'static str,
}

impl ⟪Quay for Berth⟶Berth for Quay⟫ {
    fn depth(&self) -> f64 {
        self.depth
    }
    fn name(&self) -> String {
        self.label.to_string()
    }
}

fn deepest(all: &[Quay]) -> Option<&Quay> {
    let mut best: Option<&Quay> = None;
    for q in all.iter() {
        match best {
            Some(b) if b.depth >= q.depth ⟪->⟶=>⟫ {}
            _ => best = ⟪q⟶Some(q)⟫,
        }
    }
    best
}

fn main() {
    let quays = ⟪vec[⟶vec![⟫
        Quay { depth: 4.5, label: "old" },
        Quay { depth: 7⟪⟶.0⟫, label: "new" },
    ];
    let mut byname = BTreeMap::new();
    for q in &quays {
        byname.insert(q.name(), q.depth());
    }
    if let Some(q) = deepest(⟪quays⟶&quays⟫) {
        println!("deepest {} {}", q.name(), q.fits(5.0));
    }
    for (name, depth) in &byname {
        println!("{name} {depth:.1}");
    }
}
