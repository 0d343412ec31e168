use std::cell::RefCell;
use std::collections::{BTreeMap, VecDeque};
use std::rc::Rc;

trait Craft {
    fn name(&self) -> &str;
    fn length(&self) -> f64;
    fn fits(&self, dock: &Dock) -> bool {
        self.length() <= dock.length
    }
}

#[derive(Debug, Clone⟪⟶, PartialEq⟫)]
struct Yacht {
    name: String,
    length: f64,
}

struct Barge {
    name: String,
    sections: u32,
}

impl Craft for Yacht {
    fn name(&self) -> &str { &self.name }
    fn length(&self) -> f64 { self.length }
}

impl Craft for Barge {
    fn name(&self) -> ⟪&String⟶&str⟫ { &self.name }
    fn length(&self) -> f64 { self.sections⟪⟶ as f64⟫ * 12.5 }
}

struct Dock {
    length: f64,
    queue: VecDeque<Box<⟪⟶dyn ⟫Craft>>,
    log: Rc<RefCell<Vec<String>>>,
}

impl Dock {
    fn new(length: f64, log: Rc<RefCell<Vec<String>>>) -> ⟪self⟶Self⟶Dock⟫ {
        Dock { length, queue: VecDeque::new(), log }
    }

    fn admit(&mut self, craft: Box<dyn Craft>) -> Result<usize, String> {
        if !craft.fits(&self) {
            return Err(format!("{} is too long", craft.name()));
        }
        self.log⟪.push⟶.borrow_mut().push⟫(craft.name().to_string());
        self.queue.push_back(craft);
        Ok(self.queue.len())
    }

    fn next(&mut self) -> Option<⟪Craft⟶Box<dyn Craft>⟫> {
        self.queue.pop_front()
    }
}

fn longest<'a>(all: &'a [Yacht]) -> Option<&'a Yacht> {
    let mut best: Option<&Yacht> = None;
    for y in all {
        if best.map_or(true, |b| y.length > b.length) {
            best = ⟪y⟶Some(y)⟫;
        }
    }
    best
}

fn tally(names: &[String]) -> BTreeMap<char, usize> {
    let mut map = BTreeMap::new();
    for name in names {
        if let Some(first) = name.chars().next() {
            *map.entry(first).or_insert(0) += 1;
        }
    }
    map
}

fn main() {
    let log = Rc::new(RefCell::new(⟪vec⟶Vec::new()⟶vec![]⟫));
    let mut dock = Dock::new(30.0, ⟪log⟶log.clone()⟶Rc::clone(&log)⟫);
    let yachts = vec![
        Yacht { name: "Skua".into(), length: 11.0 },
        Yacht { name: "Tern".into(), length: ⟪14⟶14.0⟫ },
    ];
    for y in ⟪yachts⟶&yachts⟶yachts.iter()⟫ {
        println!("{:?}", dock.admit(Box::new(y.clone())));
    }
    match dock.admit(Box::new(Barge { name: "Moor".into(), sections: 4 })) {
        Ok(n) => println!("{} waiting", n),
        ⟪Error⟶Err⟫(e) => println!("{}", e),
    }
    if let Some(y) = longest(&yachts) {
        println!("longest {} {}", y.name, y == ⟪yachts[0]⟶&yachts[0]⟫);
    }
    println!("{:?}", tally(&log.borrow()));
    println!("{}", dock.next().is_some());
}
