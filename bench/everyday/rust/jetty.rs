use std::collections::HashMap;
use std::fmt;

mod tariff {
    pub const BASE: f64 = 2.5;

    pub fn scaled(metres: f64) -> f64 {
        BASE * metres
    }
}

#[derive(Debug, Clone, PartialEq)]
enum Kind {
    Tug,
    Ferry(u32),
    Yacht { metres: f64 },
}

#[derive(Debug, Clone)]
struct Boat {
    name: String,
    kind: Kind,
    paid: Option<f64>,
}

trait Fee {
    fn fee(&self) -> f64;
}

impl Boat {
    fn new(name: &str, kind: Kind) -> Self {
        Boat { name: name.to_string(), kind, paid: None }
    }

    fn rename(&mut self, name: String) {
        self.name = name;
    }

    fn short(&self) -> &str {
        &self.name[..1]
    }
}

impl Fee for Boat {
    fn fee(&self) -> f64 {
        match &self.kind {
            Kind::Tug => 1.0,
            Kind::Ferry(seats) => *seats as f64 * 0.5,
            Kind::Yacht { metres } => tariff::scaled(*metres),
        }
    }
}

impl fmt::Display for Boat {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        write!(f, "{} pays {:.2}", self.name, self.fee())
    }
}

fn longest(names: &[String]) -> Option<&String> {
    names.iter().max_by_key(|name| name.len())
}

fn total(boats: &[Boat]) -> f64 {
    let mut sum = 0.0;
    for boat in boats {
        if boat.fee() > 1.5 {
            sum += boat.fee();
        } else {
            sum += 1.5;
        }
    }
    sum
}

fn parse(text: &str) -> Result<u32, std::num::ParseIntError> {
    let seats = text.trim().parse::<u32>()?;
    Ok(seats)
}

fn count(words: &[&str]) -> HashMap<String, usize> {
    let mut seen = HashMap::new();
    for word in words {
        *seen.entry(word.to_string()).or_insert(0) += 1;
    }
    seen
}

fn main() {
    let mut boats = vec![Boat::new("Auk", Kind::Tug), Boat::new("Skua", Kind::Ferry(40))];
    boats.push(Boat::new("Tern", Kind::Yacht { metres: 9.5 }));
    boats[0].rename(String::from("Razorbill"));
    let names: Vec<String> = boats.iter().map(|boat| boat.name.clone()).collect();
    let mut round = 0;
    while round < 2 {
        round += 1;
    }
    for (i, boat) in boats.iter().enumerate() {
        println!("{} {} {}", i, boat, boat.short());
    }
    match parse("12") {
        Ok(seats) => println!("{} seats", seats),
        Err(error) => println!("{}", error),
    }
    let paid = boats[1].paid.unwrap_or(0.0);
    println!("{:?} {} {}", longest(&names), total(&boats), paid);
    println!("{}", count(&["a", "b", "a"]).len());
}
