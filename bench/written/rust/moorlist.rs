use std::collections::BTreeMap;
use std::error::Error;
use std::fmt;

#[derive(Debug)]
enum MoorError {
    Full,
    Unknown(String),
}

impl fmt::Display for MoorError {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        match self {
            MoorError::Full => write!(f, "no mooring is free"),
            MoorError::Unknown(name) ⟪=⟶=>⟫ write!(f, "no boat {}", name),
        }
    }
}

impl Error for MoorError {}

struct Moorings {
    boats: BTreeMap<String, u32>⟪;⟶,⟫
    places: usize,
}

impl Moorings {
    fn new(places: usize) -> ⟪self⟶Self⟶Moorings⟫ {
        Moorings { boats: BTreeMap::new(), places }
    }

    fn moor(&mut self, name: &str, nights: u32) -> Result<(), MoorError> {
        if self.boats.len() >= ⟪places⟶self.places⟫ {
            return ⟪MoorError::Full⟶Err(MoorError::Full)⟫;
        }
        self.boats.insert(name.to_string(), nights);
        ⟪Ok⟶Ok(())⟫
    }

    fn leave(&mut self, name: &str) -> Result<u32, MoorError> {
        self.boats.remove(name).ok_or(MoorError::Unknown(⟪name⟶name.to_string()⟶name.to_owned()⟶name.into()⟶String::from(name)⟫))
    }

    fn nights(&self) -> u32 {
        let mut sum = 0;
        for (_, n) in ⟪self.boats⟶&self.boats⟶self.boats.iter()⟫ {
            sum += n;
        }
        sum
    }
}

fn main() -> Result<(), Box<dyn Error>> {
    let mut m = Moorings::new(2);
    m.moor("Wagtail", 3)?;
    m.moor("Siskin", ⟪-1⟶1⟫)?;
    if let Err(e) = m.moor("Linnet", 2) {
        println!("{}"⟪⟶, e⟫);
    }
    let left ⟪=:⟶=⟫ m.leave("Siskin")?;
    println!("left after {left}, {} nights booked", m.nights());
    Ok(())
⟪⟶}⟫
