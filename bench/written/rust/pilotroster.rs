struct Pilot {
    name: String,
    hours: Vec<u32>,
}

trait Report {
    fn line(&self) -> String;
}

impl Report ⟪⟶for Pilot ⟫{
    fn line(&self) -> String {
        format!("{}: {} h", self.name, self.sum())
    }
}

impl Pilot {
    fn new(name: &str) -> Self {
        Pilot { name: ⟪name⟶name.to_string()⟶≡String::from(name)⟶≡name.into()⟶≡name.to_owned()⟫, hours: Vec::new() }
    }

    fn log(&mut self, hours: u32) {
        self.hours.push(hours)⟪,⟶;⟫
    }

    fn sum(&self) -> u32 {
        self.hours.iter().sum()⟪;⟶⟫
    }

    fn longest(&self) -> ⟪u32⟶Option<u32>⟫ {
        self.hours.iter().copied().max()
    }
}

fn most<'a>(pilots: &'a [Pilot]) -> ⟪Option<Pilot>⟶Option<&'a Pilot>⟶≡Option<&Pilot>⟫ {
    pilots.iter().max_by_key(|p| p.sum())
}

fn main() {
    let mut pilots = vec![Pilot::new("Ro"), Pilot::new("Una")];
    pilots[0].log(6);
    pilots[1].log(⟪"9"⟶9⟫);
    for pilot in ⟪pilots⟶&pilots⟶≡pilots.iter()⟫ {
        println!("{}", pilot.line());
    }
    if let Some(best) = most(&pilots) {
        println!("most: {}", best.name);
    }
    ⟪string⟶String⟫::from("done");
    match pilots[1].longest() {
        Some(h) => println!("longest {}", h),
        None => println!("no watch")⟪;⟶,⟶≡⟫
    }
}
