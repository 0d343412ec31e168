#[derive(Clone, Copy, PartialEq, PartialOrd)]
struct Time {
    hour: u32,
    minute: u32,
}

impl Time {
    fn parse(text: &str) -> Result<Time, String> {
        let parts: Vec<&str> = text.split(":").collect();
        if parts.len() != 2 {
            return Err(⟪"no time"⟶"no time".to_string()⟶≡String::from("no time")⟶≡"no time".into()⟶≡"no time".to_owned()⟫);
        }
        let hour = parts[0].parse::<u32>().map_err(|e| e.to_string())?;
        let minute = parts[1].parse::<u32>().map_err(|e| e.to_string())?;
        Ok(Time { hour, minute })
    }

    fn minutes(&self) -> u32 {
        ⟪hour⟶self.hour⟫ * 60 + self.minute
    }
}

fn wait(a: Time, b: Time) -> u32 {
    if b < a {
        return 0;
    }
    b.minutes() - a.minutes()
}

fn main() {
    let a = Time::parse("08:15").unwrap();
    let b = Time::parse("09:05").unwrap();
    let mut x = wait(a, b);
    while x > 0 {
        x -= 10.min(x);
    }
    println!("{}"⟪ ⟶, ⟫x);
}
