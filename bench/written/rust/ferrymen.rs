use std::rc::Rc;
use std::cell::RefCell;

#[derive(Debug)]
struct Ferryman {
    name: String,
    trips: Vec<u32>,
}

impl Ferryman {
    fn new(name: ⟪str⟶&str⟫) -> Ferryman {
        Ferryman { name: name.to_string(), trips: vec⟪⟶!⟫[] }
    }

    fn average(&self) -> Option<f64> {
        if self.trips.is_empty() {
            return ⟪null⟶None⟫;
        }
        let sum: u32 = self.trips.iter().sum();
        Some(⟪sum⟶sum as f64⟫ / self.trips.len() as f64)
    }

    fn best(&self) -> u32 {
        let mut best = 0;
        for &trip in ⟪self.trips⟶&self.trips⟶self.trips.iter()⟫ {
            if trip > best {
                best = trip;
            }
        }
        best⟪;⟶⟫
    }
}

fn describe(who: &Ferryman) -> String {
    match who.average() {
        Some(mean) ⟪if⟶=> if⟫ mean > 10.0 { format!("{} is busy", who.name) } else { format!("{} is idle", who.name) },
        None => ⟪"nobody"⟶"nobody".to_string()⟫,
    }
}

fn main() {
    let shared = Rc::new(RefCell::new(Ferryman::new("Tove")));
    let other = Rc::clone(&shared);
    other.borrow_mut().trips.push(12);
    shared.borrow_mut().trips.push(⟪9.0⟶9⟫);
    println!("{}", describe(&shared.borrow()));
    println!("best {}", shared.borrow().best());
}
