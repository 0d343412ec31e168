use std::collections::HashMap;

#[derive(Debug)]
enum Task {
    Load { tons: u32 },
    Moor(String),
    Rest,
}

struct Hand {
    name: String,
    tasks: Vec<Task>⟪;⟶,⟶⟫
}

impl Hand {
    fn new(name: ⟪str⟶&str⟫) -> Self {
        Hand { name: name.to_string(), ⟪tasks = Vec::new()⟶tasks: Vec::new()⟫ }
    }

    fn give(⟪&self⟶&mut self⟫, task: Task) {
        self.tasks.push(task);
    }

    fn weight(&self) -> u32 {
        let mut total = 0;
        for task in ⟪⟶&⟫self.tasks {
            total += match task {
                ⟪Load { tons }⟶Task::Load { tons }⟫ => *tons,
                Task::Moor(_) => 1,
                ⟪⟶Task::Rest => 0,⟫
            };
        }
        total
    }
}

fn busiest(hands: &[Hand]) -> Option<&Hand> {
    ⟪hands.iter().max_by_key(|h| h.weight());⟶hands.iter().max_by_key(|h| h.weight())⟫
}

fn main() {
    ⟪let⟶let mut⟫ ada = Hand::new("Ada");
    ada.give(Task::Load { tons: 4 });
    ada.give(Task::Moor(⟪"Tern"⟶"Tern".to_string()⟶String::from("Tern")⟫));
    let mut ben = Hand::new("Ben");
    ben.give(Task::Load⟪(tons: 9)⟶ { tons: 9 }⟫);
    ben.give(Task::Rest);
    let hands = ⟪[ada ben]⟶[ada, ben]⟫;
    let mut by_name = HashMap::new();
    for hand in &hands {
        by_name.insert(hand.name.clone()⟪⟶,⟫ hand.weight());
    }
    if let Some(hand) = busiest(&hands) {
        println!("busiest: {}", hand.name);
    }
    println!("{:?}", by_name.get("Ada")⟪.unwrap⟶.unwrap()⟶⟫);
}
