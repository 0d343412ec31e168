/// A hold with room for crates, as a fixed stack.
struct Stack<T> {
    items: Vec<T>,
    limit: usize,
}

impl<T> Stack<T> {
    fn with_limit(limit: usize) -> Stack<T> {
        Stack { items: Vec::new(), limit }
    }

    fn push(&mut self, item: T) -> bool {
        if self.items.len() >= self.limit {
            return false;
        }
        self.items.push(item);
        true
    }

    fn pop(&mut self) -> Option<T> {
        self.items.pop()
    }

    fn is_empty(&self) -> bool {
        self.items.is_empty()
    }
}

#[derive(Clone, Debug)]
struct Crate {
    mark: String,
    weight: u32,
}

fn unload(hold: &mut Stack<Crate>) -> u32 {
    let mut total = 0;
    while let Some(item) = hold.pop() {
        println!("{} weighs {}", item.mark, item.weight);
        total += item.weight;
    }
    total
}

fn main() {
    let mut hold = Stack::with_limit(3);
    let marks = ["A1", "B7", "C2", "D9"];
    for (i, mark) in marks.iter().enumerate() {
        let item = Crate { mark: mark.to_string(), weight: 40 * (i as u32 + 1) };
        if !hold.push(item) {
            println!("no room for {}", mark);
        }
    }
    let weight = unload(&mut hold);
    assert!(hold.is_empty());
    println!("{} kg are ashore", weight);
}
