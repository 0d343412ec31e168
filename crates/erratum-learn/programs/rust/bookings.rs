use std::collections::HashMap;
use std::fmt;

#[derive(Debug, Clone, PartialEq)]
enum Cabin {
    Single(u32),
    Double { number: u32, window: bool },
    Deck,
}

#[derive(Debug)]
enum BookingError {
    Taken(u32),
    Unpaid { name: String, missing: f64 },
}

impl fmt::Display for BookingError {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        match self {
            BookingError::Taken(number) => write!(f, "cabin {} is taken", number),
            BookingError::Unpaid { name, missing } => {
                write!(f, "{} still owes {:.2}", name, missing)
            }
        }
    }
}

struct Ledger {
    taken: HashMap<u32, String>,
    income: f64,
}

impl Ledger {
    fn new() -> Self {
        Ledger { taken: HashMap::new(), income: 0.0 }
    }

    fn price(cabin: &Cabin) -> f64 {
        match cabin {
            Cabin::Single(_) => 60.0,
            Cabin::Double { window: true, .. } => 110.0,
            Cabin::Double { .. } => 95.0,
            Cabin::Deck => 15.0,
        }
    }

    fn book(&mut self, name: &str, cabin: Cabin, paid: f64) -> Result<(), BookingError> {
        let price = Ledger::price(&cabin);
        if paid < price {
            return Err(BookingError::Unpaid { name: name.to_string(), missing: price - paid });
        }
        if let Cabin::Single(number) | Cabin::Double { number, .. } = cabin {
            if self.taken.contains_key(&number) {
                return Err(BookingError::Taken(number));
            }
            self.taken.insert(number, name.to_string());
        }
        self.income += price;
        Ok(())
    }
}

fn main() {
    let mut ledger = Ledger::new();
    let wishes = vec![
        ("Varga", Cabin::Single(12), 60.0),
        ("Arkwell", Cabin::Double { number: 7, window: true }, 100.0),
        ("Sorel", Cabin::Single(12), 80.0),
        ("Ines", Cabin::Deck, 15.0),
    ];
    for (name, cabin, paid) in wishes {
        match ledger.book(name, cabin.clone(), paid) {
            Ok(()) => println!("{} has {:?}", name, cabin),
            Err(error) => println!("{}", error),
        }
    }
    println!("{} cabins, {:.2} taken", ledger.taken.len(), ledger.income);
}
