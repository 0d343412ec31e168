#[derive(Debug)]
enum Zone {
    Inner,
    Outer,
}

fn base(zone: &Zone) -> f64 {
    match zone {
        Zone::Inner => 2.5,
        ⟪Outer⟶Zone::Outer⟫ => 4.0,
    }
}

fn price(zone: &Zone, people: u32, discount: Option<f64>) -> f64 {
    let full = base(zone) * ⟪people⟶people as f64⟶≡f64::from(people)⟫;
    match discount {
        Some(part) => full * (1.0 - part)⟪⟶,⟫
        None => full,
    }
}

fn cheapest(zones: &[Zone]) -> Option<⟪Zone⟶&Zone⟫> {
    let mut best: Option<&Zone> = None;
    for zone in zones {
        if best.map_or(true, |b| base(zone) < base(b)) {
            best = Some(zone);
        }
    }
    best
}

fn main() {
    let zones = vec![Zone::Inner, Zone::Outer];
    println!("{:.2}", price(&zones[0], 3, Some(0.1)));
    println!("{:?}", cheapest(&zones)⟪⟶)⟫;
}
