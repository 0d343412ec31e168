use std::collections::HashMap;

struct Berth {
    number: u32,
    boat: Option<String>,
}

struct Quay {
    berths: Vec<Berth>⟪;⟶,⟶≡⟫
}

impl Quay {
    fn new(count: u32) -> Quay {
        let mut berths = Vec::new();
        for number in 1..=count {
            berths.push(Berth { number, boat: None });
        }
        Quay { berths }
    }

    fn dock(⟪⟶&mut ⟫self, boat: &str) -> Option<u32> {
        for berth in self.berths.iter_mut() {
            if berth.boat.is_none() {
                berth.boat = Some(boat⟪⟶.to_string()⟫);
                return Some(berth.number);
            }
        }
        None
    }
}

fn main() {
    let mut quay = Quay::new(2);
    match quay.dock("Skua") {
        Some(number) => println!("berth {}", number),
        None => println!("full")⟪;⟶,⟶≡⟫
    }
    let seen: HashMap<u32, u32> = HashMap::new();
    println!("{}", seen.len());
}
