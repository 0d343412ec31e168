use std::fmt;

struct Sailor {
    name: String,
    hours: f64,
    wage: f64,
}

impl Sailor {
    fn pay(&self) -> f64 {
        let mut amount = self.hours * self.wage;
        if self.hours > 40.0 {
            amount += (self.hours - 40.0) * self.wage * 0.5;
        }
        amount
    }
}

impl fmt::Display for Sailor {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        write!(f, "{} earns {:.2}", self.name, self.pay())
    }
}

fn main() {
    let mut crew = vec![
        Sailor { name: "Ada".to_string(), hours: 38.0, wage: 14.5 },
        Sailor { name: "Bo".to_string(), hours: 44.0, wage: 13.0 },
        Sailor { name: "Cleo".to_string(), hours: 41.0, wage: 15.2 },
    ];
    crew.sort_by(|a, b| b.name.cmp(&a.name));
    let mut sum = 0.0;
    for sailor in &crew {
        println!("{}", sailor);
        sum += sailor.pay();
    }
    println!("all wages: {:.2}", sum);
}
