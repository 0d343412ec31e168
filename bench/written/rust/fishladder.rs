use std::cell::RefCell;
use std::collections::BTreeMap;
use std::rc::Rc;

trait Counter {
    fn count(&self) -> u64;
    fn name(&self) -> &str;
}

struct Pool {
    name: String,
    seen: RefCell<u64>,
}

impl Counter for Pool {
    fn count(&self) -> u64 {
        ⟪self.seen⟶*self.seen.borrow()⟫
    }

    fn name(&self) -> &str {
        ⟪self.name⟶&self.name⟶self.name.as_str()⟫
    }
}

impl Pool {
    fn new(name: &str) -> Rc<Pool> {
        Rc::new(Pool { name: name.to_owned(), seen: ⟪0⟶RefCell::new(0)⟫ })
    }

    fn pass(&self, n: u64) {
        *self.seen.⟪borrow()⟶borrow_mut()⟫ += n;
    }
}

struct Ladder⟪⟶<'a>⟫ {
    pools: Vec<&'a dyn Counter>,
}

impl<'a> Ladder<'a> {
    fn total(&self) -> u64 {
        self.pools.iter().map(|p| p.count())⟪⟶.sum()⟫
    }

    fn busiest(&self) -> Option<&str> {
        self.pools.iter().max_by_key(|p| p.count()).map(⟪p => p.name()⟶|p| p.name()⟫)
    }
}

fn tally(lines: &[&str]) -> BTreeMap<String, u32> {
    let mut all = BTreeMap::new();
    for line in lines {
        let words⟪⟶: Vec<&str>⟫ = line.split(' ').collect();
        if words.len() < 2 {
            continue;
        }
        let n: u32 = match words[1].parse() {
            Ok(n) => n,
            Err(_) => ⟪continue;⟶continue,⟫
        };
        *all.entry(words[0]⟪⟶.to_string()⟶.to_owned()⟶.into()⟫).or_insert(0) += n;
    }
    all
}

fn longest<'a>(a: &'a str, b: ⟪&str⟶&'a str⟫) -> &'a str {
    if a.len() >= b.len() { a } else { b }
}

fn main() {
    let low = Pool::new("low");
    let high = Pool::new("high");
    low.pass(3);
    high.pass(⟪-1⟶1⟫);
    let pools: Vec<&dyn Counter> = vec![&*low, ⟪high⟶&*high⟫];
    let ladder = Ladder { pools };
    println!("{} fish, busiest {:?}", ladder.total(), ladder.busiest());
    let all = tally(&["salmon 3", "trout x", "eel 2"]);
    for ⟪name, n⟶(name, n)⟫ in &all {
        println!("{name}: {n}");
    }
    let first = all.keys().next().unwrap();
    println!("{}", longest(first, ⟪'eels'⟶"eels"⟫));
    let fish: u64 = all.values()⟪⟶.map(|n| *n as u64)⟶.map(|&n| n as u64)⟫.sum();
    println!("{fish}")
}
