fn read(line: &str) -> Result<f64, std::num::ParseFloatError> {
    let depth = line.trim().parse::<f64>()⟪⟶?⟫;
    Ok(depth)
}

fn mean(depths: &[f64]) -> f64 {
    let sum: f64 = depths.iter().sum();
    sum / depths.len()⟪⟶ as f64⟫
}

fn deepest(depths: &[f64]) -> f64 {
    let mut most = depths[0];
    for d in depths {
        if ⟪d⟶*d⟫ > most {
            most = *d;
        }
    }
    most
}

fn label(depth: f64) -> ⟪str⟶&'static str⟶String⟶&str⟫ {
    if depth < 2.0 {
        "shoal"
    } else if depth < 6.0 {
        "fair"
    } ⟪else if⟶else⟫ {
        "deep"
    }
}

fn main() {
    let lines = ["3.5", "1.8 ", "7.25"];
    let mut depths = Vec::new();
    for line in lines {
        match read(line) {
            Ok(depth) => depths.push(depth),
            Err(⟪⟶why⟶e⟫) => println!("bad line: {}", why),
        }
    }
    println!("mean {:.2}, deepest {:.2}", mean(&depths), deepest(&depths));
    for depth in depths {
        println!("{} is {}", depth, label(depth));
    ⟪⟶}⟫
}
