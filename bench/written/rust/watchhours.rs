use std::collections::HashMap;

type Hours = HashMap<String, u32>;

enum Shift {
    Day(u32),
    Night { hours: u32, bonus: u32 },
}

fn hours(shift: &Shift) -> u32 {
    match shift {
        Shift::Day(h) => ⟪h⟶*h⟫,
        Shift::Night { hours, bonus } => hours + bonus,
    }
}

fn add(book: &mut Hours, name: &str, shift: Shift) {
    let entry = book.entry(⟪name⟶name.to_string()⟶≡name.to_owned()⟶≡String::from(name)⟫).or_insert(0);
    ⟪entry⟶*entry⟫ += hours(&shift);
}

fn total(book: &Hours) -> u32 {
    let ⟪⟶mut ⟫sum = 0;
    for (_, h) in book {
        sum += h;
    }
    sum⟪;⟶⟫
}

fn most(book: &Hours) -> Option<&String> {
    book.iter().max_by_key(|(_, h)| **h).map(|(name, _)| name⟪⟶)⟫
}

fn main() {
    let mut book ⟪= new HashMap()⟶= HashMap::new()⟶= Hours::new()⟫;
    add(&mut book, "Jonna", Shift::Day(8));
    add(⟪&book⟶&mut book⟫, "Piet", Shift::Night { hours: 6, bonus: 2 });
    add(&mut book, "Jonna", Shift::Night { hours: 4, bonus: 1 });
    println!("{}", total(&book));
    if let Some(name) = most(&book) {
        println!("most: {}", ⟪Name⟶name⟫);
    }
}
