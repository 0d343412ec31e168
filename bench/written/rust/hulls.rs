mod yard {
    pub struct Hull {
        pub length: f64,
        ⟪⟶pub ⟫beam: f64,
    }

    impl Hull {
        pub fn new(length: f64, beam: f64) -> Hull {
            Hull { length: length, beam: beam }
        }

        ⟪⟶pub ⟫fn area(&self) -> f64 {
            self.length * self.beam * 0.8
        }
    }
}

use yard⟪.⟶::⟫Hull;

fn price(hull: &Hull, per_metre: f64) -> f64 {
    hull.area() * per_metre
}

fn widest<'a>(hulls: &'a [Hull]) -> &'a Hull {
    let mut best = &hulls[0];
    for hull in hulls {
        if hull.beam > best.beam {
            best = hull;
        }
    }
    best
}

fn main() {
    let hulls = [Hull::new(12.0, 3.5), Hull::new(9.0, 4.1)];
    let best = widest(&hulls);
    println!("widest has {} m", best.beam);
    for hull in hulls.iter() {
        let cost = price(hull⟪⟶, 210.0⟫);
        println!("painting costs {:.2}", cost);
    }
}
