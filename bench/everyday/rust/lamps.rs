use std::collections::BTreeMap;

#[derive(Debug, Clone, Copy, PartialEq, Eq, PartialOrd, Ord)]
enum Colour {
    Red,
    Green,
    White,
}

struct Lamp {
    place: String,
    colour: Colour,
    period: f32,
}

struct Coast {
    lamps: Vec<Lamp>,
}

impl Coast {
    fn new() -> Coast {
        Coast { lamps: Vec::new() }
    }

    fn add(&mut self, place: &str, colour: Colour, period: f32) {
        self.lamps.push(Lamp { place: place.to_string(), colour, period });
    }

    fn slowest(&self) -> Option<&Lamp> {
        self.lamps.iter().max_by(|a, b| a.period.total_cmp(&b.period))
    }

    fn count(&self) -> BTreeMap<Colour, usize> {
        let mut counts = BTreeMap::new();
        for lamp in &self.lamps {
            *counts.entry(lamp.colour).or_insert(0) += 1;
        }
        counts
    }
}

fn letter(colour: Colour) -> char {
    match colour {
        Colour::Red => 'R',
        Colour::Green => 'G',
        Colour::White => 'W',
    }
}

fn flashes(lamp: &Lamp, seconds: u32) -> u32 {
    let whole = seconds as f32 / lamp.period;
    whole as u32
}

fn main() {
    let mut coast = Coast::new();
    coast.add("mole", Colour::Red, 5.0);
    coast.add("head", Colour::White, 12.5);
    for (colour, n) in coast.count() {
        println!("{} {}", letter(colour), n);
    }
    if let Some(lamp) = coast.slowest() {
        println!("{} {} times", lamp.place, flashes(lamp, 60));
    }
    let mut rest = 3;
    while rest > 0 {
        rest -= 1;
    }
}
