use std::collections::BTreeMap;
use std::rc::Rc;

struct Owner {
    name: String,
}

struct Slip {
    owner: Rc<Owner>,
    width: f32,
}

struct Book {
    slips: BTreeMap<u16, Slip>,
}

impl Book {
    fn new() -> Book {
        Book { slips: BTreeMap⟪.⟶::⟫new() }
    }

    fn let_out(&mut self, number: u16, owner: ⟪Rc⟶Rc<Owner>⟫, width: f32) -> bool {
        if self.slips.contains_key(⟪number⟶&number⟫) {
            return ⟪False⟶false⟫;
        }
        self.slips.insert(number, Slip { owner, width });
        true
    }

    fn names(&self) -> Vec<String> {
        let mut names = Vec::new();
        for (number, slip) in &self.slips ⟪⟶{⟫
            names.push(format!("{} {}", number, slip.owner.name));
        }
        names
    }

    fn widest(&self) -> f32 {
        let mut best = 0.0;
        for slip in self.slips.values() {
            if slip.width > best {
                ⟪let best⟶best⟫ = slip.width;
            }
        }
        best
    }
}

fn main() {
    let owner = Rc::new(Owner { name: ⟪"Ferrow"⟶"Ferrow".to_string()⟶≡String::from("Ferrow")⟶≡"Ferrow".into()⟶≡"Ferrow".to_owned()⟫ });
    let mut book = Book::new();
    book.let_out(3, Rc::clone(&owner), 4.5);
    book.let_out(9, owner, 5.0);
    println!("{}", book.names().⟪join⟶join(", ")⟫);
    println!("{:.1}", book.widest());
}
