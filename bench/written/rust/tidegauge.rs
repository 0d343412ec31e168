#[derive(Debug)]
struct Reading {
    hour: u8,
    metres: f32,
}

⟪func⟶fn⟫ parse(line: &str) -> Result<Reading, String> {
    let parts: Vec<&str> = line.split(',').collect();
    if parts.len() ⟪<>⟶!=⟫ 2 {
        return Err(format!("bad line: {}", line)⟪⟶)⟫;
    }
    let hour = parts[0].trim().parse::<u8>().map_err(|e| e.to_string())?;
    let metres = parts[1].trim().parse::<f32>().map_err(⟪e => e.to_string()⟶|e| e.to_string()⟫)?;
    Ok(Reading { hour: hour, metres: metres })
}

fn mean(readings: ⟪[Reading]⟶&[Reading]⟶&Vec<Reading>⟫) -> f32 {
    let total: f32 = readings.iter().map(|r| r.metres).sum();
    total / ⟪readings.len()⟶readings.len() as f32⟫
}

fn main() {
    let text = "6, 1.2\n12, 4.5\n18, 1.0";
    let mut all = Vec::new();
    for line in text.lines() {
        match parse(line) {
            Ok(r) => all.push(r),
            Err(e) => ⟪println⟶println!⟫("{}", e),
        }
    }
    let ⟪⟶mut ⟫highest = &all[0];
    for r in &all {
        if r.metres > highest.metres {
            highest = r;
        }
    }
    println!("mean {:.2}, high at {}", mean(&all), highest.⟪hours⟶hour⟫);
    while let Some(r) = all.pop() {
        println!("{:?}", r⟪⟶)⟫;
    }
}
