use std::collections::BTreeMap;

#[derive(Debug, Clone, PartialEq)]
enum Command {
    Set(String, f64),
    Drop(String),
    Show,
}

fn parse(line: &str) -> Result<Command, ⟪str⟶String⟫> {
    let mut words = line.split_whitespace();
    match words.next() {
        Some("set") => {
            let name = words.next().ok_or("no name")?⟪⟶;⟫
            let level = words.next().ok_or("no level")?.parse::<f64>()⟪⟶.map_err(|_| "bad level".to_string())⟫?;
            Ok(Command::Set(⟪name⟶name.to_string()⟶name.to_owned()⟶String::from(name)⟫, level))
        }
        Some("drop") => words.next().map(|n| Command::Drop(n.to_string())).ok_or("no name".into()),
        Some("show") => ⟪Ok(Show)⟶Ok(Command::Show)⟫,
        ⟪else⟶_⟫ => Err("what?".into()),
    }
}

struct Board {
    levels: BTreeMap<String, f64>,
    log: Vec<Command>,
}

impl Board {
    fn run(&mut self, command: Command) ⟪-> None ⟶⟫{
        self.log.push(command⟪⟶.clone()⟫);
        match command {
            Command::Set(name, level) => {
                self.levels.⟪put⟶insert⟫(name, level);
            }
            Command::Drop(name) => {
                if self.levels.remove(⟪name⟶&name⟫).is_none() {
                    println!("no {}", name);
                }
            }
            ⟪⟶Command::Show => self.show(),⟶_ => self.show(),⟫
        }
    }

    fn show(⟪⟶&self⟫) {
        for (name, level) in ⟪self.levels⟶&self.levels⟶self.levels.iter()⟫ {
            println!("{name}: {level:.2}");
        }
    }

    fn highest(&self) -> Option<(&String, f64)> {
        let mut best = None;
        for (name, &level) in &self.levels {
            match best {
                Some((_, top)) if top >= level => {}
                _ => best = ⟪(name, level)⟶Some((name, level))⟫,
            }
        }
        best
    }
}

fn main() {
    let ⟪⟶mut ⟫board = Board { levels: BTreeMap::new(), log: ⟪[]⟶Vec::new()⟶vec![]⟫ };
    for line in ["set spit 3.4", "set mole x", "drop pier", "show"] {
        match parse(line) {
            Ok(command) => board.run(command),
            Err(e) => ⟪eprintln("{}", e)⟶eprintln!("{}", e)⟫,
        }
    }
    if let Some((name, level)) = board.highest() {
        println!("{} {}", name, level);
    }
    println!("{} commands", board.log.len()⟪⟶)⟫;
}
