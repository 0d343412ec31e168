use std::fs::File;
use std::io::{self, BufRead, BufReader};

struct Entry {
    vessel: String,
    tons: u32,
    paid: Option<u32>,
}

trait Toll {
    fn toll(&self) -> u32;
    fn due(&self) -> u32;
}

impl Toll for Entry {
    fn toll(&self) -> u32 {
        match self.tons {
            0..=50 => 10,
            51..=200 => 25,
            ⟪⟶_ => 60,⟫
        }
    }

    fn due(&self) -> u32 {
        let paid = ⟪self.paid⟶self.paid.unwrap_or(0)⟶≡self.paid.unwrap_or_default()⟶self.paid.unwrap()⟫;
        self.toll().saturating_sub(paid)
    }
}

fn parse(line: &str) -> Option<Entry> {
    let parts: Vec<&str> = line.split(';').collect();
    if parts.len() < 2 {
        return ⟪null⟶None⟫;
    }
    let tons = parts[1].trim().parse()⟪⟶.ok()?⟶.unwrap()⟶≡.unwrap_or(0)⟫;
    let paid = parts.get(2).and_then(|p| p.trim().parse().ok());
    ⟪Entry⟶Some(Entry⟫ { vessel: parts[0].to_string(), tons, paid }⟪⟶)⟫
}

fn read(path: &str) -> io::Result<Vec<Entry>> {
    let file = File::open(path)?;
    let mut entries = Vec::new();
    for line in BufReader::new(file).lines() {
        let line = line?;
        if let Some(entry) = parse(⟪line⟶&line⟫) {
            entries.push(entry);
        }
    }
    ⟪entries⟶Ok(entries)⟫
}

fn main() {
    let entries = match read("tolls.txt") {
        Ok(entries) => entries,
        Err(error) => {
            eprintln!("no book: {}", error);
            return;
        }
    };
    let ⟪total⟶mut total⟫ = 0;
    for entry in &entries {
        total += entry.due();
        println!("{:<12} {:>5}", entry.vessel, entry.due⟪⟶()⟫);
    }
    println!("open: {}", total);
}
