use std::collections::HashMap;

type Hours = HashMap<String, u32>;

fn record(hours: &mut Hours, who: &str, count: u32) {
    let entry = hours.entry(who.to_string()).or_insert(0);
    ⟪entry⟶*entry⟫ += count;
}

fn most(hours: &Hours) -> Option<String> {
    let mut best: Option<(&String, &u32)> = None;
    for (who, count) in hours {
        match best {
            Some((_, top)) ⟪=⟶=>⟫ {
                if count > top {
                    best = Some((who, count));
                }
            }
            None => best = Some((who, count)),
        }
    }
    best.map(|(who, _)| who.clone()⟪⟶)⟫
}

fn main() {
    let mut hours = ⟪Hashmap⟶HashMap⟫::new();
    record(&mut hours, "Ines", 8);
    record(⟪hours⟶&mut hours⟫, "Olaf", 10);
    record(&mut hours, "Ines", 4);
    if let Some(who) = most(&hours) {
        println!("{} worked most", who);
    ⟪else⟶} else⟫ {
        println!("nobody");
    }
}
