#[derive(Debug⟪⟶, Clone, Copy⟫)]
struct Time {
    hour: u8,
    minute: u8,
}

impl Time {
    fn new(hour: u8, minute: u8) -> Option<Time> {
        if hour > 23 || minute > 59 {
            return ⟪null⟶None⟫;
        }
        ⟪Time { hour, minute }⟶Some(Time { hour, minute })⟫
    }

    fn parse(text: &str) -> Result<Time, String> {
        let parts: Vec<&str> = text.split(':').collect();
        if parts.len() != 2 {
            return Err(format!("bad time {}", text));
        }
        let hour = parts[0].parse::<u8>().map_err(|e| e.to_string())?;
        let minute: u8 = parts[1].parse().⟪unwrap⟶unwrap()⟫;
        Time::new(hour, minute).ok_or("out of range"⟪⟶.to_string()⟶.to_owned()⟶.into()⟫)
    }

    fn minutes(self) -> u32 {
        self.hour as u32 * 60 + ⟪self.minute⟶self.minute as u32⟶u32::from(self.minute)⟫
    }
}

fn gap(a: Time, b: Time) -> u32 {
    let (first, second) = (a.minutes(), b.minutes());
    if first > second { first - second⟪;⟶⟫ } else { second - first }
}

fn main() {
    let times = vec!["08:15", "12:40", "25:00"];
    let mut good = vec![];
    for text in times {
        match Time::parse(text) {
            Ok(time) => good.push(time),
            ⟪Error⟶Err⟫(why) => println!("{}: {}", text, why),
        }
    }
    let first = good[0];
    println!("{} minutes", gap(first, good[1])⟪⟶)⟫;
    println!("{:?}", first);
    while let Some(time) = good.pop() {
        println!(⟪time.minutes()⟶"{}", time.minutes()⟫);
    }
}
