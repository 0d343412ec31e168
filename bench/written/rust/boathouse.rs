use std::collections::HashMap;
use std::fmt;

#[derive(Debug, Clone, PartialEq)]
enum Kind {
    Skiff,
    Dinghy⟪;⟶,⟫
    Gig,
}

#[derive(Debug)]
struct Boat {
    name: String,
    kind: Kind,
    seats: ⟪int⟶u32⟶i32⟫,
}

impl fmt::Display for Boat {
    fn fmt(&self, f: &mut fmt::Formatter) -> fmt::Result {
        write!(f, "{} with {} seats", ⟪name⟶self.name⟫, self.seats)
    }
}

struct House {
    boats: Vec<Boat>,
    out: HashMap<String, String>,
}

impl House {
    fn new() -> House {
        House { boats: ⟪[]⟶Vec::new()⟶vec![]⟫, out: HashMap::new() }
    }

    fn add(⟪self⟶&mut self⟫, name: &str, kind: Kind, seats: u32) {
        self.boats.push(Boat { name: ⟪name⟶name.to_string()⟶String::from(name)⟶name.to_owned()⟶name.into()⟫, kind, seats });
    }

    fn lend(&mut self, boat: &str, to: &str) -> Result<(), String> {
        if self.out.contains_key(boat) {
            return ⟪Err(format!("{} is out", boat)⟶Err(format!("{} is out", boat))⟫;
        }
        self.out.insert(boat.to_string(), to.to_string());
        ⟪Ok⟶Ok(())⟫
    }

    fn seats(&self) -> u32 {
        let ⟪total⟶mut total⟫ = 0;
        for b in &self.boats {
            total += b.seats;
        }
        ⟪total;⟶total⟫
    }

    fn count(&self, kind: Kind) -> usize {
        self.boats.iter().filter(|b| b.kind ⟪=⟶==⟫ kind).count()
    }
}

fn main() {
    let mut house = House::new();
    house.add("Tern", Kind::Skiff, 3);
    house.add("Petrel", ⟪Gig⟶Kind::Gig⟫, 8);
    house.add("Auk", Kind::Dinghy, 2);
    match house.lend("Tern", "the school") {
        Ok(()) => println!("lent"),
        Err(why) => println!(⟪"not lent: " + why⟶"not lent: {}", why⟶"not lent: {why}"⟫),
    }
    for boat in ⟪house⟶&house.boats⟶house.boats.iter()⟫ {
        println!("{}", boat);
    }
    println!("{} seats, {} gigs", house.seats()⟪⟶, house.count(Kind::Gig)⟫);
}
