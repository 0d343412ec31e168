use std::collections::HashMap;

#[derive(Debug, Clone)]
struct Car {
    plate: String,
    axles: u32,
}

fn toll(car: &Car) -> f64 {
    let base = 4.5;
    if car.axles > 2 {
        base * 2.0
    } else {
        base⟪;⟶⟫
    }
}

fn count(cars: &Vec<Car>) -> HashMap<u32, ⟪int⟶u32⟶i32⟶usize⟫> {
    let ⟪⟶mut ⟫seen = HashMap::new();
    for car in cars {
        *seen.entry(car.axles).or_insert(0) += 1;
    }
    seen
}

fn main() {
    let cars = vec![
        Car { plate: ⟪"HB 220"⟶"HB 220".to_string()⟶≡String::from("HB 220")⟶≡"HB 220".into()⟫, axles: 2 },
        Car { plate: String::from("HB 417"), axles: 3 },
    ];
    let mut sum = 0.0;
    for car in ⟪cars⟶&cars⟶≡cars.iter()⟶≡cars.clone()⟫ {
        sum += toll(&car);
        println!("{} pays {}", car.plate, toll(&car));
    }
    println!("{:.2} from {:?}", sum⟪⟶,⟫ count(&cars));
}
