use std::collections::⟪Hashmap⟶HashMap⟫;
use std::fmt;

#[derive(Debug, Clone, PartialEq⟪⟶, Eq, Hash⟫)]
enum Berth {
    Inner(u8),
    Outer { number: u8, tidal: bool },
}

struct Visit {
    ship: String,
    berth: Berth,
    hours: u32,
}

impl fmt::Display for Visit {
    fn fmt(⟪self⟶&self⟫, f: &mut fmt::Formatter) -> fmt::Result {
        write!(f, "{} at {:?} for {} h", self.ship, self.berth, self.hours)⟪;⟶⟫
    }
}

#[derive(Default)]
struct Log {
    visits: Vec<Visit>,
    hours: HashMap<Berth, u32>,
}

impl Log {
    fn add(&⟪⟶mut ⟫self, ship: &str, berth: Berth, hours: u32) {
        *self.hours.entry(berth.clone()).or_insert(0) += hours;
        self.visits.push(Visit { ship: ⟪ship⟶ship.to_string()⟶ship.to_owned()⟶String::from(ship)⟶ship.into()⟫, berth, hours });
    }

    fn busiest(&self) -> Option<&Berth> {
        let mut best: Option<(&Berth, u32)> = None;
        for (berth, hours) in &self.hours {
            if best.⟪is_none⟶is_none()⟫ || *hours > best.unwrap().1 {
                best = Some((berth, *hours));
            }
        }
        best.map(|(b, _)| b)
    }

    fn tidal(&self) -> usize {
        self.visits
            .iter()
            .filter(|v| match &v.berth {
                Berth::Inner(_) => false,
                Berth::Outer { tidal, .. } => *tidal,
            })
            .⟪length⟶count⟫()
    }
}

fn main() {
    let ⟪⟶mut ⟫log = Log::default();
    log.add("Heron", Berth::Inner(2), 14);
    log.add("Egret", Berth::Outer { number: 1, tidal: true }, 6);
    log.add("Heron", Berth::Inner(2), ⟪3.0⟶3⟫);
    for v in &log.visits {
        println!("{}"⟪⟶,⟫ v);
    }
    if let Some(b) = log.busiest() {
        println!("busiest {:?}, tidal {}", b, log.tidal());
    }
}
