use std::cell::RefCell;
use std::rc::Rc;

trait Engine {
    fn name(&self) -> &str;
    fn run(&mut self, hours: f64) -> Result<f64, String>;
}

struct Diesel {
    tank: f64,
}

struct Electric {
    charge: i32,
    log: Rc<RefCell<Vec<String>>>,
}

impl Engine for Diesel {
    fn name(&self) -> &str {
        "diesel"
    }

    fn run(&mut self, hours: f64) -> Result<f64, String> {
        let litres = hours * 18.0;
        if litres > self.tank {
            return Err(String::from("the tank is empty"));
        }
        self.tank -= litres;
        Ok(litres * 1.7)
    }
}

impl Engine for Electric {
    fn name(&self) -> &str {
        "electric"
    }

    fn run(&mut self, hours: f64) -> Result<f64, String> {
        self.charge -= (hours * 9.0) as i32;
        self.log.borrow_mut().push(format!("charge {}", self.charge));
        if self.charge < 0 {
            Err("flat".to_string())
        } else {
            Ok(hours * 11.0)
        }
    }
}

fn trip(engine: &mut dyn Engine, legs: &[f64]) -> Result<f64, String> {
    let mut cost = 0.0;
    for leg in legs {
        cost += engine.run(*leg)?;
    }
    Ok(cost)
}

fn main() {
    let log = Rc::new(RefCell::new(Vec::new()));
    let mut engines: Vec<Box<dyn Engine>> = Vec::new();
    engines.push(Box::new(Diesel { tank: 60.0 }));
    engines.push(Box::new(Electric { charge: 50, log: Rc::clone(&log) }));

    let legs = vec![0.5, 1.0, 2.0];
    for engine in engines.iter_mut() {
        match trip(engine.as_mut(), &legs) {
            Ok(cost) => println!("{}: {:.1}", engine.name(), cost),
            Err(reason) => println!("{} stopped: {}", engine.name(), reason),
        }
    }
    println!("{} entries", log.borrow().len());
    let entries = log.borrow();
    if let Some(last) = entries.last() {
        println!("{last}");
    }
}
