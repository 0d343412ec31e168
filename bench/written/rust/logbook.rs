use std::fmt;

struct Entry {
    hour: u8,
    text: String⟪;⟶,⟫
}

impl fmt::Display for Entry {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        write!(f, "{:02}: {}", self.hour, ⟪text⟶self.text⟫)
    }
}

struct Log {
    entries: Vec<Entry>,
}

impl Log {
    fn add(&mut self, hour: u8, text: &str) {
        self.entries.push(Entry { hour, text: text⟪⟶.to_string()⟶≡.to_owned()⟶≡.into()⟫ });
    }

    fn last(&self) -> Option<&Entry> {
        self.entries.last()
    }

    fn after(&self, hour: u8) -> usize {
        let mut n = 0;
        for entry in &self.entries {
            if entry.hour > hour {
                n ⟪++⟶+= 1⟫;
            }
        }
        n
    }
}

fn main() {
    let mut log = Log { entries: ⟪Vec.new()⟶Vec::new()⟶≡vec![]⟫ };
    log.add(6, "fog");
    log.add(9, "clear");
    match log.last() {
        Some(entry) => println!("{}", entry),
        None => println!("empty"),
    }
    println!("{} after 7", log.after(⟪"7"⟶7⟫));
}
