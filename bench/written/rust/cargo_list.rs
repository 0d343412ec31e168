struct Item {
    name: String,
    kilos: u32,
}

fn total(items: &Vec<Item>) -> u32 {
    let mut sum = 0;
    for item in items {
        sum += item.kilos;
    }
    ⟪sum;⟶sum⟫
}

fn longest(items: &Vec<Item>) -> &str {
    let mut best = "";
    for item in items {
        if item.name.len() > best.len() {
            best = ⟪item.name⟶&item.name⟫;
        }
    }
    best
}

fn heavy(items: Vec<Item>, limit: u32) -> usize {
    items.iter().filter(|item| item.kilos > limit).count()
}

fn main() {
    let items = vec![
        Item { name: String::from("salt"), kilos: 40 }⟪⟶,⟫
        Item { name: String::from("rope"), kilos: ⟪"12"⟶12⟫ },
    ];
    println!("{} kg", total(⟪items⟶&items⟫));
    println!("{}", longest(&items));
    ⟪int⟶let⟫ count = heavy(items, 20);
    println!("{} heavy", count);
}
