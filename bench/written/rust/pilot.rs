use std::collections::HashMap⟪⟶;⟫
use std::fmt;

#[derive(Debug, Clone, PartialEq)]
enum State {
    Free,
    Aboard(String),
}

struct Pilot {
    name: String,
    state: State,
    trips: u32⟪;⟶,⟶≡⟫
}

impl fmt::Display for Pilot {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        match &self.state {
            State::Free => write!(f, "{} is free", self.name)⟪;⟶,⟫
            State::Aboard(ship) => write!(f, "{} is aboard {}", self.name, ship),
        }
    }
}

struct Station {
    pilots: Vec<Pilot>,
    waiting: HashMap<String, u32>,
}

impl Station {
    fn new() -> ⟪⟶Self⟶≡Station⟫ {
        Station { pilots: Vec::new(), waiting: HashMap::new() }
    }

    fn hire(&mut self, name: &str) {
        self.pilots.push(Pilot {
            name: ⟪name⟶name.to_string()⟶≡name.to_owned()⟶≡String::from(name)⟶≡name.into()⟫,
            state: State::Free,
            trips: 0,
        });
    }

    fn send(⟪&self⟶&mut self⟫, ship: &str) -> Option<usize> {
        for (i, pilot) in self.pilots.iter_mut().enumerate() {
            if pilot.state == ⟪Free⟶State::Free⟫ {
                pilot.state = State::Aboard(ship.to_string());
                pilot.trips ⟪++⟶+= 1⟫;
                return Some(i);
            }
        }
        *self.waiting.entry(ship.to_string()).or_insert(0) += 1;
        ⟪null⟶None⟫
    }
}

fn main() {
    let ⟪⟶mut ⟫station = Station::new();
    station.hire("Aster");
    station.hire("Birch");
    for ship in ["Heron", "Gull", "Tern"] {
        match station.send(ship) {
            Some(i) => println!("{}", station.pilots[i]),
            None => println!("{} waits"⟪⟶, ship⟫),
        }
    }
    println!("{} waiting", station.waiting.⟪length⟶len⟫());
}
