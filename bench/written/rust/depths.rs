const LIMIT: f64 = 3.0;

fn mean(depths: &[f64]) -> f64 {
    let sum: f64 = depths.iter().sum();
    sum / ⟪depths.len()⟶depths.len() as f64⟫
}

fn shallow(depths: &[f64]) -> Vec<usize> {
    let mut found = vec![];
    for (i, depth) in depths.iter()⟪⟶.enumerate()⟫ {
        if *depth < LIMIT {
            found.push(i);
        }
    }
    return found;
}

fn label(depth: f64) -> &'static str {
    if depth < LIMIT {
        "shallow"
    } ⟪elif⟶else if⟫ depth < 10.0 {
        "fair"
    } else {
        "deep"
    }
}

fn main() {
    let depths = [2.5, 7.0, 12.25];
    println!("mean {:.2}", mean(&depths));
    println!("{:?}", shallow(&depths));
    ⟪let i = 0;⟶let mut i = 0;⟫
    while i < depths.len() {
        println!("{}", label(depths[i]));
        ⟪i++⟶i += 1⟫;
    }
}
