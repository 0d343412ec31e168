use std::fmt::Display;

struct Gate<T> {
    label: String,
    inside: Vec<T>,
}

impl⟪⟶<T>⟶≡<T: Display>⟫ Gate<T> {
    fn new(label: &str) -> Self {
        Gate { label: label.to_string(), inside: Vec::new() }
    }

    fn enter(&mut self, one: T) {
        self.inside.push(one);
    }

    fn leave(&mut self) -> Option<T> {
        self.inside.pop()
    }
}

fn longer⟪⟶<'a>⟫(a: &⟪⟶'a ⟫str, b: &⟪⟶'a ⟫str) -> &⟪⟶'a ⟫str {
    if a.len() > b.len() { a } else { b }
}

fn show<T: Display>(gate: &Gate<T>) {
    print!("{}:", gate.label);
    for one in &gate.inside {
        print!(" {}", one);
    }
    println!();
}

fn main() {
    let mut cars = Gate::new("cars");
    cars.enter("HB 12");
    cars.enter("HB 40 L");
    show(&cars);
    let longest = longer("HB 12", "HB 40 L");
    println!("{} is longest", longest);
    match cars.leave() {
        Some(plate) => println!("{} left", plate),
        None => println!("empty"),
    }
}
