use std::collections::BTreeMap;

#[derive(Debug, Clone)]
struct Signal {
    flags: Vec<char>,
    meaning: String,
}

struct Book {
    signals: BTreeMap<String, Signal>,
}

impl Book {
    fn new() -> ⟪self⟶Self⟶≡Book⟫ {
        Book { signals: BTreeMap::new() }
    }

    fn add(&mut self, flags: &str, meaning: &str) {
        let signal = Signal {
            flags: flags.chars().collect(),
            meaning: meaning.⟪toString⟶to_string⟶≡to_owned⟫(),
        };
        self.signals.insert(flags.to_string(), signal);
    }

    fn read(&self, flags: &str) -> Option<⟪⟶&⟫Signal> {
        self.signals.get(flags)
    }

    fn longest(&self) -> usize {
        let mut most = 0;
        for signal in self.signals.values() {
            if signal.flags.len() > most {
                most = signal.flags.len();
            }
        }
        most
    }
}

fn main() {
    let ⟪⟶mut ⟫book = Book::new();
    book.add("NC", "in distress");
    book.add("U", "running into danger");
    match book.read("NC") {
        Some(signal) => println!("{:?}: {}", signal.flags, signal.meaning),
        None => println!("unknown")⟪;⟶⟶≡,⟫
    }
    let spare: ⟪String⟶&str⟫ = "spare";
    println!("{} {⟪⟶}⟫", spare, book.longest());
}
