use std::collections::HashMap;
use std::fmt;
⟪⟶use std::str::FromStr;⟫

#[derive(Debug, Clone, PartialEq)]
enum Mark {
    High { at: u32, height: f64 },
    Low { at: u32, height: f64 },
    Slack(u32),
}

#[derive(Debug)]
struct ParseMark(String);

impl fmt::Display for ParseMark {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        write!(f, "cannot read {}", ⟪ParseMark⟶self.0⟫)
    }
}

impl FromStr for Mark {
    type Err = ParseMark;

    fn from_str(text: &str) -> Result<Self, Self::Err> {
        let parts: Vec<&str> = text.split(' ')⟪⟶.collect()⟫;
        if parts.len() < 2 {
            return ⟪ParseMark(text.to_string())⟶Err(ParseMark(text.to_string()))⟫;
        }
        let at = parts[1].parse::<u32>().map_err(|_| ParseMark(text.to_string()))?;
        let height: f64 = match parts.get(2) {
            Some(h) => h.parse().⟪unwrap_or(0)⟶unwrap_or(0.0)⟫,
            ⟪None = 0.0⟶None => 0.0⟫,
        };
        match parts[0] {
            "high" => Ok(⟪Mark.High⟶Mark::High⟫ { at, height }),
            "low" => Ok(Mark::Low { at⟪⟶, height⟫ }),
            "slack" => Ok(Mark::Slack⟪⟶(at)⟫),
            ⟪⟶_ => Err(ParseMark(text.to_string())),⟫
        }
    }
}

struct Log {
    marks: Vec<Mark>,
    by_hour: HashMap<u32, usize>,
}

impl Log {
    fn new() -> Self {
        Log { marks: ⟪[]⟶Vec::new()⟶vec![]⟫, by_hour: HashMap::new() }
    }

    fn add(⟪&self⟶&mut self⟫, mark: Mark) {
        let hour = match &mark {
            Mark::High { at, .. } | Mark::Low { at, .. } => *at / 100,
            Mark::Slack(at) => at / 100,
        };
        *self.by_hour.entry(hour).or_insert(0) += 1;
        self.marks.push(mark);
    }

    fn highest(&self) -> Option<&Mark> {
        let mut best: Option<(&Mark, f64)> = ⟪none⟶None⟫;
        for mark in &self.marks {
            if let Mark::High { height, .. } = mark {
                if best.map_or(true, |(_, h)| ⟪height⟶*height⟫ > h) {
                    best = Some((mark, *height));
                }
            }
        }
        best.map(⟪(mark, _)⟶|(mark, _)|⟫ mark)
    }
}

fn main() {
    let mut log = Log::new();
    for text in ["high 612 3.9", "low 1230 0.8", "slack 915"] {
        match text.parse::<Mark>() {
            Ok(mark) => log.add(mark)⟪;⟶,⟫
            Err(e) => println!("{}", e),
        }
    }
    if let ⟪mark⟶Some(mark)⟫ = log.highest() {
        println!("{⟪⟶:?⟫}", mark);
    }
    println!("{} hours", log.by_hour.⟪size⟶len⟫());
}
