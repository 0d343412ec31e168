#[derive(Debug)]
struct Entry {
    hour: u8,
    text: String,
}

impl Entry {
    pub fn new(hour: u8, text: &str) ⟪: Entry⟶-> Entry⟫ {
        Entry { hour, text: text.to_string() }
    }

    fn is_night(&self) -> bool {
        self.hour < 6 ⟪or⟶||⟫ self.hour > 21
    }
}

fn parse(line: &str) -> Option<Entry> {
    let mut parts = line.splitn(2, ' ');
    let hour = parts.next()?.parse::<u8>().ok()?;
    let text = parts.next()?;
    ⟪return Entry::new(hour, text);⟶Some(Entry::new(hour, text))⟶return Some(Entry::new(hour, text));⟫
}

fn busiest(log: &Vec<Entry>) -> u8 {
    let mut counts = [0; 24];
    for e in log {
        counts[⟪e.hour⟶e.hour as usize⟶usize::from(e.hour)⟫] += 1;
    }
    let mut best = 0;
    for h in 0..24 {
        if counts[h] > counts[best] ⟪then⟶⟫ {
            best = h;
        }
    }
    best as ⟪int⟶u8⟫
}

fn main() {
    let lines = ["5 lights out", "12 two sails", "12 rain"];
    let mut log = ⟪new Vec()⟶Vec::new()⟫;
    for line in lines {
        if let Some(e) = parse(line) {
            log.push(e);
        }
    }
    println!("{}", log.iter().filter(|e| e.is_night⟪⟶()⟫).count());
    println!("busiest {}", busiest(⟪log⟶&log⟫));
    println!("{:?}"⟪ ⟶, ⟫log[0]);
}
