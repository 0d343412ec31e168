use std::f64::consts::PI;

trait Area {
    fn area(&self) -> f64;
    fn name(&self) -> String {
        String::from("shape")
    }
}

struct Basin {
    radius: f64,
}

struct Slip {
    width: f64,
    length: ⟪float⟶f64⟫,
}

impl Area ⟪of⟶for⟫ Basin {
    fn area(&self) -> f64 {
        PI * ⟪radius⟶self.radius⟫ * self.radius
    }
}

impl Area for Slip {
    fn area(&self) -> f64 {
        self.width * self.length
    }
    fn name(&self) -> String {
        ⟪"slip"⟶"slip".to_string()⟶String::from("slip")⟶"slip".into()⟶"slip".to_owned()⟫
    }
}

fn largest(shapes: &[Box<dyn Area>]) -> Option<&Box<dyn Area>> {
    let mut best = shapes.first()?;
    for shape in shapes⟪:⟶ {⟫
        if shape.area() > best.area() {
            best = shape;
        }
    }
    Some(best)
}

fn total(shapes: &⟪vec⟶Vec⟫<Box<dyn Area>>) -> f64 {
    shapes.iter().map(|s| s.area(⟪⟶)⟫).sum()
}

fn main() {
    let shapes: Vec<Box<dyn Area>> = ⟪vec⟶vec!⟫[
        Box::new(Basin { radius: 12.0 }),
        ⟪Slip { width: 4.5, length: 30.0 }⟶Box::new(Slip { width: 4.5, length: 30.0 })⟫,
        Box::new(Basin { radius: ⟪8⟶8.0⟫ }),
    ];
    if let Some(b) = largest(&shapes) {
        println!("largest: {} with {:.1}", b.name(), b.area());
    }
    ⟪printline!⟶println!⟫("total {:.1}", total(&shapes));
}
