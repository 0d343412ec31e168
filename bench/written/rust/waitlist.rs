use std::collections::⟪Hashmap⟶HashMap⟫;

#[derive(Debug, Clone)]
struct Car {
    plate: String,
    metres: f64⟪;⟶,⟫
}

struct Lane {
    cars: Vec<Car>,
    room: f64,
}

impl Lane {
    fn new(room: f64) -> Lane {
        Lane { cars: ⟪Vec[]⟶Vec::new()⟶vec![]⟫, room }
    }

    fn add(⟪self⟶&mut self⟫, car: Car) -> bool {
        if self.used() + car.metres > self.room {
            return false⟪⟶;⟫
        }
        self.cars.push(car);
        true
    }

    fn used(&self) -> f64 {
        self.cars.iter().map(|c| c.metres).sum()
    }
}

fn by_plate(lane: &Lane) -> HashMap<String, f64> {
    let ⟪⟶mut ⟫map = HashMap::new();
    for car in ⟪lane.cars⟶&lane.cars⟶lane.cars.iter()⟫ {
        map.insert(car.plate.clone(), car.metres);
    }
    map
}

fn main() {
    let mut lane = Lane::new(20⟪⟶.0⟫);
    lane.add(Car { plate: ⟪"HB 7"⟶"HB 7".to_string()⟶String::from("HB 7")⟶"HB 7".into()⟶"HB 7".to_owned()⟫, metres: 4.5 });
    println!("{} used", lane.used());
    for (plate, metres) in by_plate(&lane) {
        println!("{} {:.1}"⟪⟶,⟫ plate, metres);
    }
}
