use std::fmt::⟪display⟶Display⟫;

#[derive(Clone, Copy, PartialEq, Debug)]
struct Gust {
    knots: f32,
    minute: u16,
}

struct Storm<'a> {
    name: ⟪&str⟶&'a str⟫,
    gusts: Vec<Gust>,
}

impl⟪⟶<'a>⟫ Storm<'a> {
    fn new(name: &'a str) -> Storm<'a> {
        Storm { name⟪ = ⟶: ⟫name, gusts: Vec::with_capacity(⟪16.0⟶16⟫) }
    }

    fn gust(&mut self, knots: f32, minute: u16) -> &mut Self {
        self.gusts.push(Gust { knots, minute });
        ⟪⟶self⟫
    }

    fn peak(&self) -> Option<Gust> {
        let mut peak⟪: Gust⟶: Option<Gust>⟶⟫ = None;
        for gust in &self.gusts {
            peak = match peak {
                Some(p) if p.knots >= gust.knots => Some(p)⟪;⟶,⟫
                _ => Some(⟪gust⟶*gust⟫),
            };
        }
        peak
    }

    fn mean(&self) -> f32 {
        let sum: f32 = self.gusts.iter().map(|g| g.knots).sum();
        sum / ⟪self.gusts.len()⟶self.gusts.len() as f32⟫
    }
}

fn force(knots: f32) -> u8 {
    match knots ⟪as int⟶as u32⟶as i32⟶as u8⟶as i64⟫ {
        0..=3 => 1,
        4..=16 => 4,
        17..=33 => 7⟪⟶,⟫
        _ => 10,
    }
}

fn show<T: Display>(label: &str, value: ⟪t⟶T⟫) {
    println!("{label:>8}: {value}");
}

fn longest<⟪a⟶'a⟫>(one: &'a Storm, other: &'a Storm) -> &'a str {
    if one.gusts.len() > other.gusts.len() { one.name } else { other.name }
}

fn shift(gusts: &mut [Gust], by: u16) {
    for gust in gusts⟪.iter()⟶.iter_mut()⟫ {
        gust.minute += by;
    }
}

fn main() {
    let mut ada = Storm::new("Ada");
    ada.gust(31.0, 5).gust(44.5, 9).gust(⟪28⟶28.0⟫, 14);
    let ⟪⟶mut ⟫bo = Storm::new("Bo");
    bo.gust(18.0, 2);
    shift(⟪ada.gusts⟶&mut ada.gusts⟫, 60);
    if let Some(peak) = ada.peak()⟪ then⟶⟫ {
        show("peak", peak.knots);
        show("force", force(peak⟪⟶.knots⟫));
    }
    show("mean", ada.mean());
    let name = longest(⟪ada⟶&ada⟫, &bo);
    show("longest"⟪ ⟶, ⟫name);
    let strong: Vec<⟪⟶&⟫Gust> = ada.gusts.iter().filter(|g| g.knots > 30.0).collect();
    println!("{}", strong⟪.length⟶.len()⟫);
}
