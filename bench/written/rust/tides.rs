use std::fmt;

struct Tide {
    hour: u8,
    height: f32,
}

impl fmt::Display for Tide {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        write!(f, "{}h {:.1}m", self.hour, ⟪⟶self.⟫height)
    }
}

fn parse(line: &str) -> Result<Tide, String> {
    let parts: Vec<&str> = line.split(' ').collect();
    if parts.len() != 2 {
        return Err(⟪"two words expected"⟶"two words expected".to_string()⟶≡String::from("two words expected")⟫);
    }
    let hour = parts[0].parse().map_err(|_| "no hour".to_string())?;
    let height = parts[1].parse().map_err(|_| "no height".to_string())⟪⟶?⟫;
    Ok(Tide { hour, height })
}

fn main() {
    let lines = ["6 3.5", "12 0.8"];
    let ⟪⟶mut ⟫tides = Vec::new();
    for line in lines.iter() {
        match parse(line) {
            Ok(tide) => tides.push(tide),
            Err(text) => println!("{}", text),
        }
    }
    ⟪for (let i = 0; i < tides.len(); i++)⟶for i in 0..tides.len()⟫ {
        println!("{}", tides[i]);
    }
}
