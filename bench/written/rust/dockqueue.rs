use std::collections::VecDeque;

trait Vessel {
    fn name(&self) -> String;
    fn minutes(&self) -> u32;
}

struct Ferry { name: String, decks: u32 }
struct Tug { name: String }

impl Vessel for Ferry {
    fn name(&self) -> String {
        self.name⟪⟶.clone()⟶.to_string()⟶≡.to_owned()⟫
    }
    fn minutes(&self) -> u32 {
        15 * self.decks
    }
}

impl Vessel ⟪of⟶for⟫ Tug {
    fn name(&self) -> String {
        format!("tug {}", self.name)
    }
    fn minutes(&self) -> u32 {
        5
    }
}

fn wait(queue: &VecDeque<Box<dyn Vessel>>) -> u32 {
    let mut minutes = 0;
    for vessel in queue⟪.iter⟶.iter()⟶≡⟫ {
        minutes += vessel.minutes();
    }
    minutes
}

fn main() {
    let mut queue: VecDeque<Box<dyn Vessel>> = VecDeque::⟪new⟶new()⟫;
    queue.push_back(⟪Ferry { name: "Tern".to_string(), decks: 3 }⟶Box::new(Ferry { name: "Tern".to_string(), decks: 3 })⟫);
    queue.push_back(Box::new(Tug { name: "Otter".to_string() }));
    println!("{} minutes to wait", wait(&queue));
    while let ⟪vessel⟶Some(vessel)⟫ = queue.pop_front() {
        println!("{} berths", vessel.name());
    }
}
