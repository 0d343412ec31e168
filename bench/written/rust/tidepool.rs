#[derive(Debug)]
enum Creature {
    Crab { legs: u8 },
    Weed(f32),
    Shell,
}

use Creature::⟪all⟶*⟫;

struct Pool {
    depth: f32,
    found: Vec<Creature>,
}

fn describe(c: ⟪Creature⟶&Creature⟫) -> String {
    match c {
        Crab { legs } => format!("crab with {} legs", legs),
        Weed(length) => ⟪format("weed {}", length)⟶format!("weed {}", length)⟫,
        Shell ⟪->⟶=>⟫ "shell".to_string(),
    }
}

fn deepest<'a>(pools: &'a [Pool]) -> &'a Pool {
    let mut best = &pools[0];
    for pool in pools {
        if pool.depth > best.depth {
            best = pool;
        }
    }
    best
}

fn count(pools: &Vec<Pool>) -> usize {
    let mut n = 0;
    for pool in pools {
        n ⟪=+⟶+=⟫ pool.found.⟪length()⟶len()⟫;
    }
    return n;
}

fn main() {
    let pools = vec![
        Pool { depth: 0.4, found: vec![Crab { legs: 8 }, Shell] },
        Pool { depth: ⟪1⟶1.0⟫, found: vec![Weed(0.3)] },
    ];
    for pool in &pools {
        for c in &pool.found {
            println!("{}", describe(c));
        }
    }
    let best = deepest(⟪pools⟶&pools⟫);
    println!("{:.1} {}", best.depth, count(&pools));
    let shallow = pools.iter().filter(|p| p.depth < 0.5)⟪⟶.count()⟫;
    println!("{} shallow", shallow);
}
