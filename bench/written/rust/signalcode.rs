use std::fmt;
use std::str::FromStr;

#[derive(Debug, Clone, PartialEq)]
struct Signal {
    letter: char,
    repeat: u8,
}

#[derive(Debug)]
enum CodeError {
    Empty,
    BadLetter(char),
    BadNumber(std::num::ParseIntError),
}

impl From<std::num::ParseIntError> for CodeError {
    fn from(e: std::num::ParseIntError) -> ⟪self⟶Self⟫ {
        CodeError::BadNumber(e)
    }
}

impl FromStr for Signal {
    ⟪⟶type Err = CodeError;⟫

    fn from_str(text: &str) -> Result<Self, CodeError> {
        let letter = text.chars().next().ok_or(CodeError::Empty)⟪⟶?⟫;
        if !letter.is_alphabetic() {
            return ⟪CodeError::BadLetter(letter)⟶Err(CodeError::BadLetter(letter))⟫;
        }
        let repeat: u8 = text[1..].parse()?;
        Ok(Signal { letter, repeat⟪:⟶⟫ })
    }
}

impl fmt::Display for Signal {
    fn fmt(&self, f: ⟪fmt::Formatter⟶&mut fmt::Formatter⟶&mut fmt::Formatter<'_>⟫) -> fmt::Result {
        for _ in 0..self.repeat {
            write!(f, "{}", self.letter)?;
        }
        Ok(⟪⟶()⟫)
    }
}

fn decode(codes: &[&str]) -> (Vec<Signal>, usize) {
    let mut good = vec![];
    ⟪let bad⟶let mut bad⟫ = 0;
    for code in codes {
        match code.parse::<Signal>() {
            Ok(signal) => good.push(signal),
            Err(error) => {
                println!(⟪"cannot read {code}: {error}"⟶"cannot read {code}: {error:?}"⟫);
                bad += 1;
            }
        }
    }
    (good, bad)
}

fn main() {
    let codes = ["A3", "B1", "7", ""];
    let (good, bad) = decode(⟪codes⟶&codes⟫);
    for signal ⟪of⟶in⟫ &good {
        println!("{}", signal);
    }
    println!("{} good, {} bad", ⟪good.length⟶good.len()⟫, bad);
    assert_eq!(good[0], Signal { letter: ⟪"A"⟶'A'⟫, repeat: 3 });
}
