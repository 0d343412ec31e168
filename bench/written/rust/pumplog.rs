#[derive(Debug, PartialEq)]
enum Pump {
    Idle,
    Running { rpm: u32 },
    Failed(String),
}

struct Station {
    pumps: Vec<Pump>,
    limit: u32,
}

impl Station {
    fn new(limit: u32) -> Self {
        Station { pumps: Vec::new()⟪⟶, limit⟫ }
    }

    fn start(&mut self, rpm: u32) -> ⟪Option⟶Result<usize, String>⟫ {
        if rpm > self.limit {
            return Err(format!("{} is above {}", rpm, ⟪limit⟶self.limit⟫));
        }
        self.pumps.push(Pump::Running { rpm });
        Ok(self.pumps.len() - 1)
    }

    fn fail(&mut self, index: usize, why: &str) {
        if let Some(pump) = self.pumps.get_mut(index) {
            *pump = Pump::Failed(⟪why⟶why.to_string()⟶String::from(why)⟶why.to_owned()⟶why.into()⟫);
        }
    }

    fn running(&self) -> Vec<u32> {
        ⟪let result = Vec::new();⟶let mut result = Vec::new();⟫
        for pump in &self.pumps {
            if let Pump::Running { rpm } = pump {
                result.push(⟪rpm⟶*rpm⟫);
            }
        }
        ⟪result;⟶result⟶return result;⟫
    }
}

fn describe(pump: &Pump) -> String {
    match pump {⟪⟶
        Pump::Failed(why) => why.clone(),⟫
        Pump::Idle => "idle".to_string(),
        Pump::Running { rpm } => format!("running at {}", rpm),
    }
}

fn main() {
    let mut station = Station::new(1500);
    match station.start(1200) {
        Ok(index) => println!("pump {} runs", index),
        Err(why) ⟪-> ⟶=> ⟫println!("{}", why),
    }
    station.fail(0, "no water"⟪⟶)⟫;
    for pump in &station.pumps {
        println!("{}", describe(pump));
    }
    let sum: ⟪int⟶u32⟫ = station.running().iter().sum();
    println!("{}", ⟪'sum '⟶"sum "⟫.to_owned() + &sum.to_string());
}
