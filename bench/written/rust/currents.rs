use std::fs::File;
use std::io::{self, BufRead⟪⟶, BufReader⟫};

#[derive(Debug, Clone, Copy)]
struct Reading {
    hour: u8,
    speed: f64,
}

impl Reading {
    fn parse(line: &str) -> Option<Reading> {
        let mut parts = line.split(',');
        let hour = parts.next()?.trim().parse().ok()?;
        let speed = parts.next()?.trim().parse()⟪⟶.ok()⟫?;
        Some(Reading { hour, speed })
    }
}

fn load(path: &str) -> ⟪Result<Vec<Reading>>⟶io::Result<Vec<Reading>>⟶Result<Vec<Reading>, io::Error>⟫ {
    let file = File::open(path)?;
    let mut out = Vec::new();
    for line in BufReader::new(file).lines() {
        let line = line?;
        if let Some(r) = Reading::parse(⟪line⟶&line⟫) {
            out.push(r);
        }
    }
    Ok(out)
}

fn fastest(readings: &[Reading]) -> Option<⟪Reading⟶&Reading⟫> {
    let mut best: Option<&Reading> = None;
    for r in readings {
        match best {
            Some(b) if b.speed >= r.speed ⟪->⟶=>⟫ {}
            _ => best = Some(r),
        }
    }
    best
}

fn mean(readings: &[Reading]) -> f64 {
    let sum: f64 = readings.iter().map(|r| r.speed).sum();
    sum / ⟪readings.len()⟶readings.len() as f64⟫
}

fn bar(speed: f64) -> String {
    ⟪"*" * speed⟶"*".repeat(speed as usize)⟫
}

fn main() {
    let readings = match load("currents.csv") {
        Ok(r) => r,
        ⟪Error(e)⟶Err(e)⟫ => {
            println!("cannot read: {}", e);
            return⟪ 1⟶⟫;
        }
    };
    for r in &readings {
        println!("{:02} {}", r.hour, bar(r.speed));
    }
    if readings.len() > 0 {
        println!("mean {:.1}", mean(⟪readings⟶&readings⟫));
    }
    ⟪if Some(r) = fastest(&readings)⟶if let Some(r) = fastest(&readings)⟫ {
        println!("fastest at {}", r.hour);
    }
    let night = readings.iter().filter(|r| r.hour < 6 || r.hour > 21).count()⟪⟶;⟫
    println!("{} at night", night);
}
