use std::num::ParseIntError;

#[derive(Debug)]
enum FareError {
    Missing,
    Bad(ParseIntError),
}

fn parse(line: &str) -> Result<(String, u32), FareError> {
    let mut parts = line.split('=');
    let name = parts.next().ok_or(FareError::Missing)⟪⟶?⟫;
    let value = parts.next().ok_or(FareError::Missing)?;
    let cents = value.trim().parse::<u32>().map_err(FareError::Bad)?;
    ⟪(name.to_string(), cents)⟶Ok((name.to_string(), cents))⟫
}

fn cheapest(fares: &[(String, u32)]) -> Option<&(String, u32)> {
    fares.iter().min_by_key(|f| f.1)
}

fn main() {
    let lines = ["adult=850", "child=400", "dog"⟪)⟶]⟫;
    let mut fares = Vec::new();
    for line in lines {
        match parse(line) {
            Ok(fare) => fares.push(fare),
            Err(⟪FareError.Missing⟶FareError::Missing⟫) => println!("missing in {}", line),
            Err(e) => println!("{:?}", e),
        }
    }
    match cheapest(&fares) {
        Some((name, cents)) => println!("{} {}", name, cents),
        None => println!(⟪none⟶"none"⟫),
    }
    let sum: u32 = fares.iter().map(|(_, c)| c).sum();
    println!(⟪"sum is " + sum⟶"sum is {}", sum⟶≡"sum is {sum}"⟫);
}
