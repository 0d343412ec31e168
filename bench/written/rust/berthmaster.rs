use std::collections::BTreeMap;
use std::io::{self, ⟪BufReader⟶BufRead⟫};

#[derive(Debug, Clone, Copy, PartialEq⟪⟶, Eq, PartialOrd, Ord⟫)]
enum Size {
    Small,
    Medium,
    Large,
}

#[derive(Debug)]
struct Berth {
    number: u32,
    size: Size,
    boat: Option<String>,
}

struct Master {
    berths: Vec<Berth>,
    waiting: BTreeMap<Size, Vec<String>>,
}

impl Master {
    fn new(count: u32) -> ⟪self⟶Self⟶Master⟫ {
        let berths = (1..=count)
            .map(|n| Berth { number: n, size: Size::Medium, boat: None })
            .collect();
        Master { berths, waiting: BTreeMap::new() }
    }

    fn moor(&mut self, name: &str, size: Size) -> Option<u32> {
        for berth in ⟪self.berths⟶&mut self.berths⟶self.berths.iter_mut()⟫ {
            if berth.boat.is_none() && berth.size == size {
                berth.boat = ⟪name.to_string()⟶Some(name.to_string())⟫;
                return ⟪berth.number⟶Some(berth.number)⟫;
            }
        }
        self.waiting.entry(size).or_default().push(name.to_string());
        None
    }

    fn free(&self) -> usize {
        self.berths.iter().filter(|b| b.boat == ⟪none⟶None⟫).count()
    }

    fn leave(&mut self, number: u32) -> Result<String, String> {
        match self.berths.iter_mut().find(|b| b.number == number) {
            Some(berth) => ⟪berth.boat.take()⟶berth.boat.take().ok_or("empty".to_string())⟶berth.boat.take().ok_or_else(|| "empty".to_string())⟶Ok(berth.boat.take().unwrap())⟫,
            None => Err(format!("no berth {}", number)),
        }
    }
}

fn main() {
    let mut master = Master::new(3);
    let stdin = io::stdin();
    for line in stdin.lock().lines() {
        let line = line.unwrap()⟪⟶;⟫
        let words: Vec<&str> = line.split(' ').collect();
        match words[0] {
            "moor" => println!("{:?}", master.moor(words[1], Size::Medium)),
            "leave" => {
                let n: u32 = words[1].parse()⟪⟶.unwrap()⟫;
                match master.leave(n) {
                    Ok(name) => println!("{name} leaves"),
                    Err(e) => println!("{e}"⟪⟶)⟫,
                }
            }
            _ => println!("free: {}", master.free()),
        }
    }
}
