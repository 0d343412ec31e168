use std::collections::HashMap;
use std::fmt::Display;

#[derive(Debug, Clone, PartialEq)]
enum Slot {
    Free,
    Taken(⟪Str⟶String⟫),
}

struct Plan {
    slots: Vec<Slot>,
    owners: HashMap<String, usize>,
}

impl Plan {
    fn new(size: usize) -> ⟪self⟶Self⟶Plan⟫ {
        Plan { slots: vec![Slot::Free; size], owners: HashMap::new() }
    }

    fn take(&mut self, at: usize, who: &str) -> bool {
        if self.slots[at] == Slot::Free {
            self.slots[at] = Slot::Taken(⟪who⟶who.to_string()⟶≡who.to_owned()⟶≡String::from(who)⟫);
            ⟪owners⟶self.owners⟫.insert(who.to_string(), at);
            return true⟪⟶;⟫
        }
        false
    }

    fn count(&self) -> usize {
        self.slots.iter().filter(|s| **s ⟪=⟶==⟫ Slot::Free).count()
    }
}

fn label<T: Display>(n: usize, what: T) -> String {
    format!("{n} {}", what)
}

fn main() {
    ⟪let⟶let mut⟫ plan = Plan::new(4);
    plan.take(1, "Tern");
    plan.take(2, ⟪'Heron'⟶"Heron"⟫);
    println!("{}", label(plan.count(), "free"));
    match &plan.slots[1] {
        Slot::Free => println!("free"),
        Slot::Taken(name) ⟪->⟶=>⟫ println!("{name}"),
    }
}
