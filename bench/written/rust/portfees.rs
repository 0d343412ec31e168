use std::collections::HashMap;

⟪⟶#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]⟶≡#[derive(PartialEq, Eq, Hash)]⟶≡#[derive(Eq, Hash, PartialEq)]⟶≡#[derive(Hash, PartialEq, Eq)]⟶≡#[derive(Hash, Eq, PartialEq)]⟫
enum Craft {
    Dinghy,
    Yacht,
    Barge,
}

struct Bill {
    berth: u32,
    craft: Craft,
    nights: u32,
}

fn rate(craft: ⟪Craft⟶&Craft⟫) -> f64 {
    match craft {
        Craft::Dinghy => 4.5,
        Craft::Yacht => ⟪11⟶11.0⟫,
        Craft::Barge => 19.25,
    }
}

fn total(bills: &Vec<Bill>) -> f64 {
    let ⟪⟶mut ⟫sum = 0.0;
    for bill in bills.iter() {
        sum ⟪=+⟶+=⟫ rate(&bill.craft) * ⟪bill.nights⟶bill.nights as f64⟶≡f64::from(bill.nights)⟫;
    }
    sum
}

fn main() {
    let bills = vec![
        Bill { berth: 3, craft: Craft::Dinghy, nights: 2 },
        Bill { berth: 5, craft: ⟪Barge⟶Craft::Barge⟫, nights: 1 },
    ];
    let mut seen = HashMap::new();
    for bill in &bills {
        *seen.entry(&bill.craft).⟪or_insert()⟶or_insert(0)⟫ += 1;
        println!("{}: {} nights", bill.berth⟪⟶, bill.nights⟫);
    }
    println!("{:.2} for {} kinds", total⟪(bills)⟶(&bills)⟫, seen.len());
}
