use std::⟪io::BufRead⟶io::{self, BufRead}⟫;

struct Turnstile {
    coins: u32,
    passed: Vec<String>,
}

impl Turnstile {
    fn coin(&mut self, value: u32) -> bool {
        self.coins += value;
        ⟪coins⟶self.coins⟫ >= 3
    }

    fn push(&mut self, who: &str) -> Result<(), String> {
        if self.coins < 3 {
            ⟪Err⟶return Err⟫(format!("{} must pay", who));
        }
        self.coins -= 3;
        self.passed.push(⟪who⟶who.to_string()⟶who.to_owned()⟶String::from(who)⟶who.into()⟫);
        Ok(⟪⟶()⟫)
    }
}

fn main() {
    let mut gate = Turnstile { coins: 0⟪⟶, passed: Vec::new()⟶, passed: vec![]⟫ };
    let stdin = io::stdin();
    for line in stdin.lock().lines() {
        let line = line.unwrap();
        let words: Vec<&str> = line.split_whitespace().collect();
        match words.as_slice() {
            ["coin", n] => {
                let value: u32 = n.parse()⟪⟶.unwrap()⟶.unwrap_or(0)⟫;
                println!("{}", gate.coin(value));
            }
            ["push", who] => match gate.push(who) {
                Ok(()) => println!("{} passed", who),
                Err(why) => println!("{}", why),
            }
            _ => println!("what?"),
        }
    }
    println!("{}", gate.passed.⟪join(' ')⟶join(" ")⟫);
}
