#[derive(Clone, Copy, PartialEq)]
enum Light {
    Red,
    Green,
    White,
}

struct Mast {
    lights: Vec<Light>,
}

impl Mast {
    fn new() -> Mast {
        Mast { lights: Vec::new() }
    }

    fn show(&⟪⟶mut ⟫self, light: Light) {
        self.lights.push(light);
    }

    fn count(&self, wanted: Light) -> usize {
        self.lights.iter().filter(|light| ⟪⟶**⟫light == wanted).count()
    }
}

fn word(light: Light) -> &'static str {
    match light {
        Light::Red => "red",
        Light::Green => "green",⟪⟶
        Light::White => "white",⟫
    }
}

fn main() {
    let mut mast = Mast::new();
    mast.show(⟪⟶Light::⟫Red);
    mast.show(Light::White);
    println!("{} {}", mast.count(Light::Red), word(Light::White));
}
