struct Berth {
    id: u32,
    boat: Option<String>,
}

struct Harbour {
    berths: Vec<Berth>,
}

impl Harbour {
    fn new(count: u32) -> ⟪self⟶Self⟫ {
        let berths = (1..=count).map(|id| Berth { id, boat: ⟪null⟶None⟫ }).collect();
        Harbour { berths }
    }

    fn dock(&mut self, boat: &str) -> Option<u32> {
        for berth in ⟪self.berths⟶&mut self.berths⟶≡self.berths.iter_mut()⟫ {
            if berth.boat.is_none() {
                berth.boat = Some(boat.to_string());
                return Some(berth.id);
            }
        }
        None
    }

    fn free(&self) -> usize {
        self.berths.iter().filter(|b| b.boat.is_none()).count⟪⟶()⟫
    }
}

fn main() {
    let ⟪⟶mut ⟫harbour = Harbour::new(3);
    match harbour.dock("Skua") {
        Some(id) => println!("berth {}", id)⟪⟶,⟫
        None => println!("full"),
    }
    let free⟪: int⟶: usize⟶⟫ = harbour.free();
    println!("{} free", free);
}
