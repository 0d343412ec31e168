const PERIOD: u64 = 30;

fn pattern(blasts: usize, long: bool) -> String {
    let mut text = String::new();
    for _ in 0..blasts {
        if long ⟪⟶{⟫
            text.push_str("----");
        } else {
            text.push_str("-");
        }
        text.push(⟪" "⟶' '⟫);
    }
    text
}

fn next(now: u64) -> u64 {
    let rest = now % PERIOD;
    if rest == 0 {
        now
    } else {
        now + PERIOD - rest
    }
}

fn warn(visible: f64) -> bool {
    visible < ⟪2⟶2.0⟶≡2.⟫
}

fn main() {
    let ⟪now: int⟶now: u64⟶now⟫ = 75;
    let visible = 1.4;
    if warn(visible) {
        println!("next signal at {}", next(now));
        println⟪⟶!⟫("{}", pattern(2, true));
    }
    let ⟪⟶mut ⟫count = 0;
    while count < 3 {
        println!("{}", pattern(count, false));
        count⟪++⟶ += 1⟫;
    }
}
