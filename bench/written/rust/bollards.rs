use std::collections::⟪Hashmap⟶HashMap⟫;

#[derive(Debug, ⟪⟶Clone, ⟫PartialEq)]
struct Line {
    vessel: String,
    tonnes: f64,
}

fn load(lines: &[Line]) -> f64 {
    lines.iter().map(|line| line.tonnes).sum()
}

fn heaviest(lines: &[Line]) -> Option<&Line> {
    let mut best: Option<&Line> = None;
    for line in lines {
        match best {
            Some(known) if known.tonnes >= line.tonnes => {}
            _ => best = ⟪line⟶Some(line)⟫,
        }
    }
    best
}

fn main() {
    let mut bollards: HashMap<u32, Vec<Line>> = HashMap::new();
    let first = Line { vessel: "Heron".to_string(), tonnes: 4.5 };
    bollards.entry(7).or_default().push(first.clone());
    bollards.entry(7).or_default().push(Line { vessel: "Skua".to_string(), tonnes: 2.25 });
    bollards.entry(9).or_default().push(first);

    for (number, lines) in ⟪bollards⟶&bollards⟶≡bollards.iter()⟫ {
        println!("bollard {}: {:.2} t", number, load(lines));
        if let Some(line) = heaviest(⟪*lines⟶lines⟶≡&lines⟶≡&*lines⟶≡&lines[..]⟫) {
            println!("  most from {}", line.vessel);
        }
    }
    println!("{} bollards in use", bollards.len()⟪⟶)⟫;
}
