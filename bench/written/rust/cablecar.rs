use std::fmt::Display;

struct Queue<T> {
    items: Vec<T>,
    limit: usize,
}

impl⟪⟶<T>⟫ Queue<T> {
    fn with_limit(limit: usize) -> Self {
        Queue { items: Vec::new(), limit }
    }

    fn push(&mut self, item: T) -> bool {
        if self.items.len() ⟪=>⟶>=⟫ self.limit {
            return false;
        }
        self.items.push(item);
        true
    }

    fn pop(&mut self) -> Option<T> {
        if self.items.is_empty() { ⟪Nothing⟶None⟫ } else { Some(self.items.remove(0)) }
    }
}

fn show_all<T⟪⟶: Display⟫>(items: &[T]) -> String {
    let mut text = String::new();
    for (i, item) in items.iter()⟪.enumerate⟶.enumerate()⟫ {
        if i > 0 {
            text.push_str(⟪', '⟶", "⟫);
        }
        text += ⟪item.to_string()⟶&item.to_string()⟫;
    }
    text
}

fn largest(values: &[f64]) -> Option<f64> {
    let mut best = *values.first()?;
    for v in values {
        if ⟪v > best⟶*v > best⟶≡v > &best⟫ {
            best = *v;
        }
    }
    ⟪best⟶Some(best)⟫
}

fn main() {
    let mut cars: Queue<String> = Queue::with_limit(2);
    for name in ["red", "blue", "white"] {
        let ok = cars.push(name⟪⟶.to_string()⟶.into()⟶.to_owned()⟫);
        println!("{name}: {}", if ok { "queued" } ⟪⟶else { "full" }⟫);
    }
    println!("{}", show_all(⟪cars.items⟶&cars.items⟫));
    while let Some(car) = cars.pop() {
        println!("{} leaves", car⟪⟶)⟫;
    }
    let loads = vec![2.5, 4.0, 3.25];
    match largest(&loads) {
        Some(load) => println!("largest {:.1}", load),
        ⟪_ -> println!("none"),⟶_ => println!("none"),⟫
    }
}
