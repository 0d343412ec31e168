use std::io::{self, BufRead⟪⟶}⟫;

#[derive(Debug)]
struct Leg {
    from: String,
    to: String,
    miles: f32,
}

#[derive(Debug)]
enum BadLeg {
    Short,
    Number(String),
}

fn parse(line: &str) -> Result<Leg, BadLeg> {
    let parts: ⟪Vec<String>⟶Vec<&str>⟫ = line.split(',').collect();
    if parts.len() < 3 {
        return ⟪BadLeg::Short⟶Err(BadLeg::Short)⟫;
    }
    let miles = parts[2].trim().parse::<f32>().map_err(|_| BadLeg::Number(parts[2]⟪⟶.to_string()⟶.to_owned()⟶.into()⟫))?;
    ⟪Leg { from: parts[0].to_string(), to: parts[1].to_string(), miles }⟶Ok(Leg { from: parts[0].to_string(), to: parts[1].to_string(), miles })⟫
}

fn hours(legs: &[Leg], knots: f32) -> f32 {
    let mut sum = 0.0;
    for leg in legs⟪.iter⟶.iter()⟫ {
        sum += leg.miles / knots;
    }
    sum
}

fn longest(legs: &Vec<Leg>) -> &Leg {
    let mut best = &legs[0];
    for leg in legs {
        if leg.miles > best.miles ⟪then⟶{⟫
            best = leg;
        }
    }
    best
}

fn main() {
    let stdin = io::stdin();
    let mut legs = Vec::new();
    for line in stdin.lock().lines() {
        let line = line.unwrap();
        match parse(⟪line⟶&line⟫) {
            Ok(leg) => legs.push(leg),
            Err(e) => eprintln!("bad: {:?}", e)⟪;⟶,⟶⟫
        }
    }
    let speed = 6.5;
    println!("{} legs, {:.1} h", ⟪legs.length()⟶legs.len()⟫, hours(&legs, speed));
    println!("longest {}", longest(&legs)⟪⟶.to⟶.from⟶.miles⟫);
}
