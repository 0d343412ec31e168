use std::fmt;

struct Pilot {
    name: String,
    trips: u32,
}

impl ⟪Display⟶fmt::Display⟫ for Pilot {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        write!(f, "{}:{}", self.name, self.trips)
    }
}

struct Queue {
    waiting: Vec⟪[Pilot]⟶<Pilot>⟫,
}

impl Queue {
    fn new() -> Queue {
        ⟪return new Queue⟶return Queue⟶Queue⟫ { waiting: Vec⟪.⟶::⟫new() }
    }

    fn join(⟪&self⟶&mut self⟫, pilot: Pilot) {
        self.waiting.⟪append⟶push⟫(pilot);
    }

    fn call(&mut self) -> Option⟪(⟶<⟫Pilot⟪)⟶>⟫ {
        if self.waiting.⟪isEmpty⟶is_empty⟫() {
            return None;
        }
        Some(self.waiting.remove(0))
    }

    fn busiest(&self) -> ⟪String⟶&str⟶&String⟫ {
        let mut best = &self.waiting[0];
        for pilot in ⟪self.waiting⟶&self.waiting⟶self.waiting.iter()⟫ {
            if pilot.trips > best.trips {
                best = pilot;
            }
        }
        &best.name
    }
}

fn main() {
    let mut queue = Queue::new();
    queue.join(Pilot { name: "Brill"⟪⟶.to_string()⟶.into()⟶.to_owned()⟫, trips: 3 });
    queue.join(Pilot { name: String::from("Dace"), trips: 8 });
    println!("{}", queue.busiest());
    while let Some(pilot) = queue.call() {
        println!("{}", pilot);
    }
}
