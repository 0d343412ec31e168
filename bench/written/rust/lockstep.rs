use std::fmt::Display;

struct Gate<T> {
    items: Vec<T>,
    open: bool,
}

impl⟪⟶<T: Display>⟫ Gate<T> {
    fn new(items: Vec<T>) -> Self {
        Gate { items, open⟪ =⟶:⟫ false }
    }

    fn pass(&mut self) -> Option<T> {
        if ⟪!open⟶!self.open⟫ {
            return None;
        }
        self.items.pop()
    }

    fn show(&self) -> String {
        let mut text = ⟪""⟶String::new()⟶"".to_string()⟶String::from("")⟫;
        for item in &self.items {
            text.push_str(⟪item.to_string()⟶&item.to_string()⟫);
            text.push(⟪" "⟶' '⟫);
        }
        text
    }
}

fn largest<T⟪⟶: PartialOrd⟫>(items: &[T]) -> &T {
    let mut best = &items[0];
    for item in items {
        if item > best {
            best = ⟪*item⟶item⟶≡&*item⟫;
        }
    }
    best
}

fn main() {
    let mut gate = Gate::new(vec![3, 8, 5]);
    gate.open = ⟪True⟶true⟫;
    println!("{}", largest(&gate.items));
    if let Some(first) = gate.pass() ⟪then ⟶⟫{
        println!("passed {}", first);
    }
    println!("{}", gate.show());
}
