#[derive(Debug)]
struct Tide {
    hour: u8,
    level: f64,
}

fn highest(tides: &[Tide]) -> Option<⟪Tide⟶&Tide⟫> {
    let mut best: Option<&Tide> = None;
    for tide in tides {
        match best {
            Some(b) if b.level >= tide.level => {}
            _ => best = ⟪tide⟶Some(tide)⟫,
        }
    }
    best
}

fn mean(tides: &Vec<Tide>) -> f64 {
    let mut sum = 0.0;
    for t in tides⟪.iter⟶.iter()⟶≡⟫ {
        sum += t.level;
    }
    sum / ⟪tides.len()⟶tides.len() as f64⟫
}

fn shift(tides: &mut Vec<Tide>, by: f64) ⟪⟶{⟫
    for t in tides.iter_mut() {
        t.level += by;
    }
}

fn main() {
    let ⟪⟶mut ⟫tides = vec![
        Tide { hour: 6, level: 1.4 },
        Tide { hour: 12, ⟪lvel⟶level⟫: 3.9 },
    ];
    shift(&mut tides, 0.25);
    println!("{:.2}", mean(&tides));
    if let Some(t) = highest(&tides) {
        println!("{} {}", t.hour, t.level);
    }
    let late = tides.iter().filter(|t| t.hour > 8).count()⟪⟶;⟫
    println!("{late}");
}
