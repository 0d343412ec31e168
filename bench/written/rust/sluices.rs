struct Lock {
    id: u8,
    level: f64,
    open: bool,
}

trait Describe {
    fn describe(&self) -> String;
}

impl Describe ⟪⟶for ⟫Lock {
    fn describe(&self) -> String {
        let word = if self.open { "open" } else { "shut"⟪;⟶⟫ };
        format!("lock {} at {:.1} is {}", self.id, self.level, word)
    }
}

fn average(locks: &[Lock]) -> f64 {
    let mut sum = ⟪0⟶0.0⟫;
    for lock in locks {
        sum += lock.level;
    }
    sum / ⟪locks.len()⟶locks.len() as f64⟶≡(locks.len() as f64)⟫
}

fn deepest(locks: &Vec<Lock>) -> Option<&Lock> {
    let mut best: Option<&Lock> = None;
    for lock in locks {
        match best {
            None => best = Some(lock),
            Some(b) ⟪⟶=> ⟫if lock.level < b.level {
                best = Some(lock);
            }
        }
    }
    best
}

fn fill(lock: &mut Lock, by: f64) -> Result<f64, String> {
    if lock.open {
        return Err("lock is open"⟪⟶.to_string()⟶≡.to_owned()⟶≡.into()⟫);
    }
    lock.level += by;
    return ⟪lock.level⟶Ok(lock.level)⟫;
}

fn main() {
    let mut locks = vec![
        Lock { id: 1, level: 2.5, open: false },
        Lock { id: 2, level: ⟪4⟶4.0⟫, open: true },
    ];
    for lock in locks.iter_mut() {
        match fill(lock, 0.5) {
            Ok(level) => println!("now {}", level),
            Err(e) => println!("failed: {}", e),
        }
    }
    if ⟪average(locks)⟶average(&locks)⟫ > 3.0 {
        println!("high water");
    }
    if let Some(lock) = deepest(&locks) {
        println!("{}", lock.describe()⟪⟶)⟫;
    }
}
