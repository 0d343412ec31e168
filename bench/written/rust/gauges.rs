use std::collections::BTreeMap;

fn read(lines: &[&str]) -> BTreeMap<String, f64> {
    let mut all = BTreeMap::new();
    for line in lines {
        let mut parts = line.split('=');
        let name = parts.next().unwrap();
        let value: f64 = parts.next().unwrap().parse().unwrap();
        all.insert(name⟪⟶.to_string()⟶≡.to_owned()⟶≡.into()⟫, value);
    }
    all
}

fn highest(all: &BTreeMap<String, f64>) -> Option<&String> {
    let mut best = None;
    let mut top = ⟪0⟶0.0⟫;
    for (name, value) in all {
        if *value > top {
            top = ⟪value⟶*value⟫;
            best = Some(name);
        }
    }
    best
}

fn main() {
    let lines = ["mole=3.5", "pier=4.25"];
    let all = read(⟪lines⟶&lines⟫);
    if let Some(name) = highest(&all) {
        println!("highest at {}", name);
    } else {
        ⟪print("none")⟶println!("none")⟶≡print!("none")⟫;
    }
    println!("{} gauges", all.len());
}
