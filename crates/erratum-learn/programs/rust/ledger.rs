use std::collections::BTreeMap;
use std::str::FromStr;

#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
enum Kind {
    Fare,
    Freight,
    Fine,
}

impl FromStr for Kind {
    type Err = String;

    fn from_str(text: &str) -> Result<Self, Self::Err> {
        match text {
            "fare" => Ok(Kind::Fare),
            "freight" => Ok(Kind::Freight),
            "fine" => Ok(Kind::Fine),
            other => Err(format!("no kind is called {other}")),
        }
    }
}

struct Entry {
    kind: Kind,
    amount: f64,
}

fn parse_line(line: &str) -> Result<Entry, String> {
    let mut parts = line.split_whitespace();
    let kind = parts.next().ok_or("an empty line")?.parse::<Kind>()?;
    let amount = match parts.next() {
        Some(word) => word.parse::<f64>().map_err(|e| e.to_string())?,
        None => return Err(String::from("no amount")),
    };
    Ok(Entry { kind, amount })
}

fn sums(entries: &[Entry]) -> BTreeMap<Kind, f64> {
    let mut result = BTreeMap::new();
    for entry in entries {
        *result.entry(entry.kind).or_insert(0.0) += entry.amount;
    }
    result
}

fn main() {
    let text = "fare 12.5\nfreight 80\nfine\nfare 7.25\ntoll 3\n";
    let mut entries: Vec<Entry> = Vec::new();
    let mut problems = Vec::new();
    for (number, line) in text.lines().enumerate() {
        match parse_line(line) {
            Ok(entry) => entries.push(entry),
            Err(problem) => problems.push((number + 1, problem)),
        }
    }
    for (kind, sum) in &sums(&entries) {
        println!("{:?}: {:.2}", kind, sum);
    }
    let total: f64 = entries.iter().map(|entry| entry.amount).sum();
    println!("total {total:.2}");
    for (number, problem) in problems {
        eprintln!("line {}: {}", number, problem);
    }
}
