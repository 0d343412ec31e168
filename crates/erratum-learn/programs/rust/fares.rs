use std::collections::HashMap;

fn fare_for(fares: &HashMap<String, f64>, kind: &str, zone: u32) -> f64 {
    let mut fare = match fares.get(kind) {
        Some(fare) => *fare,
        None => return 0.0,
    };
    for _ in 1..zone {
        fare *= 1.4;
    }
    fare
}

fn main() {
    let mut fares = HashMap::new();
    fares.insert("grown".to_string(), 2.5);
    fares.insert("child".to_string(), 1.2);
    fares.insert("bike".to_string(), 0.8);
    let mut total = 0.0;
    for zone in 1..4 {
        let fare = fare_for(&fares, "grown", zone);
        println!("zone {}: {:.2}", zone, fare);
        total += fare;
    }
    let family = 2.0 * fare_for(&fares, "grown", 2) + fare_for(&fares, "child", 2);
    println!("family: {:.2}", family);
    println!("total: {:.2}", total);
}
