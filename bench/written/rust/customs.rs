#[derive(Debug)]
enum Problem {
    Empty,
    BadNumber(String),
}

struct Declaration {
    goods: String,
    value: u64,
    duty: Option<u64>,
}

fn parse(line: &str) -> Result<Declaration, Problem> {
    let parts: Vec<&str> = line.split(",").collect();
    if parts.len() == 0 {
        return Err⟪Problem::Empty⟶(Problem::Empty)⟫;
    }
    let value = parts[1].trim().parse::<u64>().map_err(⟪⟶|_| ⟫Problem::BadNumber(parts[1].to_string()))?;
    ⟪⟶Ok(⟫Declaration { goods: parts[0].to_string(), value⟪;⟶,⟫ duty: None }⟪⟶)⟫
}

fn charge(declaration: &mut Declaration) {
    declaration.duty = ⟪declaration.value / 20⟶Some(declaration.value / 20)⟫;
}

fn main() {
    let lines = ["rope, 400", "tar, 90", "sails,x"];
    let mut sum: u64 = 0;
    for line in lines.iter() {
        match parse(line) {
            Ok(mut d) => {
                charge(&mut d);
                sum += d.duty⟪⟶.unwrap()⟶.unwrap_or(0)⟶.unwrap_or_default()⟫;
                println!("{} pays", d.goods);
            }
            Err(Problem::Empty) => println!("nothing"),
            Err(Problem::BadNumber⟪⟶(text)⟫) => println!("not a number: {}", text),
        }
    }
    ⟪let⟶let mut⟫ rest = sum;
    while rest > 100 {
        rest -= 100;
    }
    println!("{sum} {rest}")
}
