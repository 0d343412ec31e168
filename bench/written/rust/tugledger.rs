use std::⟪collection⟶collections⟫::HashMap;

#[derive(Debug, Clone)]
struct Tug {
    name: ⟪string⟶String⟫,
    power: ⟪int⟶i32⟶u32⟶i64⟶u64⟫,
    busy: bool,
}

impl Tug {
    pub fn new(name: &str, power: i32) -> ⟪self⟶Self⟶Tug⟫ {
        Tug { name: name.to_string(), power⟪ = ⟶: ⟫power, busy: ⟪False⟶false⟫ }
    }

    fn describe(⟪self&⟶&self⟫) -> String {
        format!("{} ({})", ⟪this⟶self⟫.name, self.power)
    }
}

fn strongest(tugs: &Vec<Tug>) -> Option<&Tug> {
    let mut best: Option<&Tug> = ⟪null⟶None⟫;
    for tug in tugs.iter() {
        if tug.busy ⟪and⟶&&⟫ tug.power < 10 {
            continue;
        }
        match best {
            None => best = Some(tug),
            Some(b) if b.power < tug.power => best = Some(tug),
            _ ⟪-> ⟶=> ⟫{}
        }
    }
    best
}

fn main() {
    let tugs = vec![Tug::new("Heron", 40), Tug::new("Teal", 55)];
    let mut jobs: HashMap<String, u32> = HashMap::new();
    for tug in &tugs {
        ⟪jobs[tug.name.clone()] = 0⟶jobs.insert(tug.name.clone(), 0)⟫;
    }
    if let Some(tug) = strongest(&tugs) {
        println!("{}", tug.describe());
    ⟪⟶}⟫ else {
        println⟪⟶!⟫("no tug is free");
    }
    println!("{} jobs", jobs.⟪length⟶len⟫());
}
