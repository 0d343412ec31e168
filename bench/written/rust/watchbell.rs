use std::fmt;

#[derive(Clone, Copy)]
enum Watch { First, Middle, Morning }

impl fmt::Display for Watch {
    fn fmt(&self, f: &mut fmt::Formatter<'_>) -> fmt::Result {
        let name = match self {
            Watch::First => "first",
            Watch::Middle => "middle",
            Watch::Morning => ⟪'morning'⟶"morning"⟫,
        };
        write!(f, "{}", name)
    }
}

trait Rings {
    fn bells(&self) -> u8;
    fn ring(&self) {
        for _ in 0..self.bells() {
            print!("*");
        }
        println!();
    }
}

struct Hour(u8);

impl Rings ⟪of⟶for⟫ Hour {
    fn bells(self: &Self) -> u8 {
        let half = self.0 % 4;
        if half == 0 { 8 } ⟪elif⟶else if⟫ half > 2 { 6 } else { half * 2 }
    }
}

fn watch_of(hour: u8) -> Watch {
    match hour {
        20⟪...⟶..=⟫23 => Watch::First,
        0..=3 => Watch::Middle,
        _ => Watch::Morning⟪;⟶,⟶≡⟫
    }
}

fn main() {
    let hours = [Hour(4), Hour(7)⟪]⟶];⟫
    for hour in &hours {
        hour.ring();
        println!("{}", ⟪watch_of(hour)⟶watch_of(hour.0)⟫);
    }
    let total: u32 = hours.iter().map(|h| h.bells())⟪.sum()⟶.map(u32::from).sum()⟶.map(|b| b as u32).sum()⟫;
    println!("{total} bells");
}
