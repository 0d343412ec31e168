use std::collections::BTreeMap;

#[derive(Debug, Clone)]
struct Pump {
    name: String,
    litres: f64,
}

fn busiest(pumps: &[Pump]) -> Option<&Pump> {
    let ⟪⟶mut ⟫best: Option<&Pump> = None;
    for pump in pumps {
        match best {
            Some(other) if other.litres >= pump.litres => {}
            _ => best = Some(pump),
        }
    }
    best
}

fn by_name(pumps: &[Pump]) -> BTreeMap<String, f64> {
    let mut all = BTreeMap::new();
    for pump in pumps {
        *all.entry(pump.name.clone()).or_insert(0.0) += pump.litres;
    }
    all
}

fn main() {
    let pumps = vec![
        Pump { name: "bow"⟪⟶.to_string()⟫, litres: 12.5 },
        Pump { name: "stern".to_string(), litres: 30⟪⟶.0⟫ },
    ];
    if let Some(pump) = busiest(⟪⟶&⟫pumps) {
        println!("{} pumped {}", pump.name, pump.litres);
    }
    println!("{:?}", by_name(&pumps));
}
