trait Vessel {
    fn name(&self) -> String;
    fn knots(&self) -> f64;

    fn report(&self) {
        println!("{} makes {} knots", self.name(), self.knots());
    }
}

struct Ferry {
    name: String,
    engines: u32,
}

struct Launch;

impl Vessel for Ferry {
    fn name(&self) -> String {
        self.name.clone()
    }

    fn knots(&self) -> f64 {
        4.5 * self.engines as f64
    }
}

impl Vessel for Launch {
    fn name(&self) -> String {
        String::from("Tern")
    }

    fn knots(&self) -> f64 {
        14.0
    }
}

fn main() {
    let fleet: Vec<Box<dyn Vessel>> = vec![
        Box::new(Ferry { name: String::from("Heron"), engines: 2 }),
        Box::new(Launch),
    ];
    for vessel in fleet.iter() {
        vessel.report();
    }
}
