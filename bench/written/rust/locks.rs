#[derive(Clone, PartialEq⟪⟶)⟫]
enum Gate {
    Open,
    Closed,
}

struct Lock {
    gate: Gate,
    level: i32,
}

impl Lock {
    fn fill(&mut self, amount: i32) -> bool {
        if self.gate == Gate::Open {
            return false;
        }
        self.level += amount;
        true
    }

    fn is_full(&self) -> bool {
        ⟪level⟶self.level⟫ >= 100
    }
}

fn pass(lock: &mut Lock, boats: i32) -> i32 {
    let mut passed = 0;
    while passed < boats {
        if !lock.fill(25) {
            break;
⟪⟶        }
⟫        passed += 1;
    }
    passed
}

fn main() {
    let mut lock = Lock { gate: Gate::Closed, level: 0 };
    let passed = pass(&⟪⟶mut ⟫lock, 3);
    ⟪printf!⟶println!⟶print!⟫("{} passed", passed);
    lock.gate = Gate::Open;
    if lock.is_full() == false ⟪⟶{
⟫        println!("not full");
    }
}
