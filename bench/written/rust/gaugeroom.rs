use std::collections::HashMap;
use std::fmt;

#[derive(Debug, Clone)]
struct Gauge {
    name: String,
    readings: Vec<f64>⟪;⟶,⟫
}

#[derive(Debug)]
enum GaugeError {
    Unknown(String),
    Empty,
}

impl fmt::Display for GaugeError {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        match self {
            GaugeError::Unknown(name) => write!(f, "no gauge {}"⟪⟶, name⟫),
            GaugeError::Empty => write!(f, "no readings"),
        }
    }
}

struct Room {
    gauges: HashMap<String, Gauge>,
}

impl Room {
    fn new() -> ⟪self⟶Self⟶Room⟫ {
        Room { gauges: HashMap::new() }
    }

    fn add(⟪&self⟶&mut self⟫, name: &str) {
        self.gauges.insert(name.to_string(), Gauge { name: ⟪name⟶name.to_string()⟶String::from(name)⟶name.to_owned()⟶name.into()⟫, readings: vec![] });
    }

    fn read(&mut self, name: &str, metres: f64) -> Result<(), GaugeError> {
        let gauge = self.gauges.get_mut(name).ok_or(GaugeError::Unknown(name.to_string()))?;
        gauge.readings.push(metres);
        ⟪⟶Ok(())⟫
    }

    fn mean(&self, name: &str) -> Result<f64, GaugeError> {
        let gauge = ⟪gauges⟶self.gauges⟫.get(name).ok_or(GaugeError::Unknown(name.to_string()))?;
        if gauge.readings.is_empty() {
            return ⟪GaugeError::Empty⟶Err(GaugeError::Empty)⟫;
        }
        let sum: f64 = gauge.readings.iter().sum();
        Ok(sum / ⟪gauge.readings.len()⟶gauge.readings.len() as f64⟫)
    }
}

fn main() {
    let mut room = Room⟪.⟶::⟫new();
    room.add("mole");
    room.read("mole", 2.4).unwrap();
    match room.mean("mole") {
        Ok(m) => println!("{:.1}", m)⟪;⟶,⟫
        Err(e) => println!("{}", e),
    }
    let copy = room.gauges["mole"].clone();
    println!("{} {}", copy.name⟪ ⟶, ⟫copy.readings.len());
}
