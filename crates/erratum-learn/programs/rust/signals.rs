use std::collections::HashSet;

#[derive(Debug, Clone, Copy, PartialEq, Eq, Hash)]
enum Flag {
    Fog,
    Gale,
    Closed,
}

struct Mast {
    flags: HashSet<Flag>,
    changes: usize,
}

impl Mast {
    fn set(&mut self, flag: Flag, up: bool) {
        let changed = if up { self.flags.insert(flag) } else { self.flags.remove(&flag) };
        if changed {
            self.changes += 1;
        }
    }

    fn obey(&mut self, line: &str) -> Option<i32> {
        let (word, value) = line.split_once(' ')?;
        let value: i32 = value.parse().ok()?;
        match word {
            "wind" => self.set(Flag::Gale, value > 8),
            "sight" => self.set(Flag::Fog, value < 500),
            _ => return None,
        }
        if self.flags.len() == 2 {
            self.set(Flag::Closed, true);
        }
        Some(value)
    }
}

fn main() {
    let mut mast = Mast { flags: HashSet::new(), changes: 0 };
    let log = ["wind 5", "sight 300", "swell", "wind 9", "tide x"];
    let mut bad: i32 = 0;
    let mut i = 0;
    while i < log.len() {
        if mast.obey(log[i]).is_none() {
            bad += 1;
            println!("cannot read {:?}", log[i]);
        }
        i += 1;
    }
    let closed = mast.flags.contains(&Flag::Closed);
    let word = if closed && bad < 3 { "closed" } else { "open" };
    println!("{} changes, the harbour is {}", mast.changes, word);
}
